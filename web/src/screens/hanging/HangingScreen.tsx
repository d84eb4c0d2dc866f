import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { unitsOf, type FactsPatch } from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { Waiting } from '../../parts/Message.js';
import { NoOpening, OpeningBar } from '../../parts/OpeningBar.js';
import { TabPanes, type Pane } from '../../parts/TabPanes.js';
import { useDecided } from '../../worker/client.js';
import { ChoicePanel } from '../opening/ChoicePanel.js';
import { StageFacts } from '../opening/StageFacts.js';
import { StageOutcome } from '../opening/StageOutcome.js';
import { Clashes } from './Clashes.js';
import { LoadsBench } from './LoadsBench.js';
import { Products } from './Products.js';
import { Schools } from './Schools.js';
import { SwingBench } from './SwingBench.js';

const PRODUCT_STAGES = ['hanging', 'closing', 'sealing'] as const;

/** How a leaf hangs: loads and swing to be tried by hand, devices compared, products, clashes. */
export function HangingScreen() {
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
      value: 'devices',
      name: 'Devices',
      content: <ChoicePanel decisionKey="hanging.device" {...shared} />,
    },
    {
      value: 'decided',
      name: 'Facts and decisions',
      content: (
        <>
          <StageFacts
            stage="hanging"
            facts={opening.facts}
            practice={decided.practice}
            {...shared}
          />
          <StageOutcome
            stage="hanging"
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
      value: 'clashes',
      name: `Clashes ${decided.clashes.length}`,
      content: <Clashes decided={decided} units={units} base={base} openingId={opening.id} />,
    },
  ];
  return (
    <div className="grid h-full grid-rows-[auto_1fr]">
      <OpeningBar opening={opening} among={openings} path={`${base}/hanging`}>
        <Link className="button" to={`${base}/alternatives/${opening.id}`}>
          Alternatives
        </Link>
        <Link className="button" to={`${base}/openings/${opening.id}`}>
          Opening
        </Link>
      </OpeningBar>
      <div className="grid min-h-0 grid-cols-[minmax(0,1.05fr)_minmax(0,1fr)]">
        <div
          className="min-h-0 overflow-auto px-4 py-3"
          tabIndex={0}
          role="region"
          aria-label="Loads and swing"
        >
          <div className="grid grid-cols-2 gap-3">
            <LoadsBench {...shared} />
            <SwingBench decided={decided} units={units} />
          </div>
          <Schools {...shared} />
        </div>
        <TabPanes label="Hanging" panes={panes} />
      </div>
    </div>
  );
}
