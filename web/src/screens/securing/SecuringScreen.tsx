import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { unitsOf, type FactsPatch } from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { Waiting } from '../../parts/Message.js';
import { NoOpening, OpeningBar } from '../../parts/OpeningBar.js';
import { TabPanes, type Pane } from '../../parts/TabPanes.js';
import { useDecided } from '../../worker/client.js';
import { Products } from '../hanging/Products.js';
import { ChoicePanel } from '../opening/ChoicePanel.js';
import { StageFacts } from '../opening/StageFacts.js';
import { StageOutcome } from '../opening/StageOutcome.js';
import { Corridors } from './Corridors.js';
import { Heights } from './Heights.js';
import { LockDrawings } from './LockDrawings.js';

const PRODUCT_STAGES = ['securing'] as const;
const CHOICES = ['kind', 'function', 'bolts', 'coordinator'];

/** How a door is secured: the lock cut through, its strike and heights; kinds and functions compared. */
export function SecuringScreen() {
  const { openingId } = useParams();
  const { project, basis, canEdit, edit } = useProject();
  const { openings, byId } = useOpenings();
  const opening = byId.get(openingId!);
  const decided = useDecided(opening, basis);
  const units = useMemo(() => (decided ? unitsOf(decided) : undefined), [decided]);
  const base = `/projects/${project.id}`;
  if (!opening) return <NoOpening base={base} />;
  if (!decided || !units) return <Waiting what="Deciding …" />;
  const onPatch = (patch: FactsPatch) => edit([{ id: opening.id, patch }]);
  const shared = { decided, units, canEdit, onPatch };
  const panes: Pane[] = [
    {
      value: 'lock',
      name: 'Lock',
      content: CHOICES.map((name) => (
        <ChoicePanel key={name} decisionKey={`securing.${name}`} {...shared} />
      )),
    },
    {
      value: 'decided',
      name: 'Facts and decisions',
      content: (
        <>
          <StageFacts
            stage="securing"
            facts={opening.facts}
            practice={decided.practice}
            {...shared}
          />
          <StageOutcome
            stage="securing"
            {...shared}
            highlighted={undefined}
            onHighlight={() => undefined}
          />
        </>
      ),
    },
    {
      value: 'products',
      name: 'Products',
      content: <Products stages={PRODUCT_STAGES} {...shared} />,
    },
    {
      value: 'heights',
      name: 'Heights',
      content: (
        <>
          <Heights decided={decided} units={units} />
          <Corridors openingId={opening.id} units={units} />
        </>
      ),
    },
  ];
  return (
    <div className="grid h-full grid-rows-[auto_1fr]">
      <OpeningBar opening={opening} among={openings} path={`${base}/securing`}>
        {decided.results.securing.spec && (
          <Link
            className="button"
            to={`${base}/library?function=${encodeURIComponent(decided.results.securing.spec.id)}`}
          >
            Work the lock
          </Link>
        )}
        <Link className="button" to={`${base}/preparation/${opening.id}`}>
          Preparation sheet
        </Link>
        <Link className="button" to={`${base}/openings/${opening.id}`}>
          Opening
        </Link>
      </OpeningBar>
      <div className="grid min-h-0 grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
        <LockDrawings decided={decided} units={units} />
        <TabPanes label="Securing" panes={panes} />
      </div>
    </div>
  );
}
