import { useMemo, useState } from 'react';
import { CloudOff } from 'lucide-react';
import { gapBenchesOf, GAP_PLACES, type GapPlace } from '@riegel/core';
import { useProject } from '../../data/project.js';
import { useOpeningSite, type OpeningSite } from '../../data/useSite.js';
import { useOpeningPage } from '../../opening/page.js';
import { Photos } from '../../parts/Photos.js';
import { Select } from '../../parts/Select.js';
import { termText } from '../../base/words.js';
import { GapsDrawn, OpeningDrawn, type Mark } from './Drawings.js';
import { FitPane } from './FitPane.js';
import { GapsPane } from './GapsPane.js';
import { KeepPane } from './KeepPane.js';
import { ProvePane } from './ProvePane.js';

const TABS = [
  { tab: 'fit', title: 'Fit' },
  { tab: 'off', title: 'Take off' },
  { tab: 'gaps', title: 'Gaps' },
  { tab: 'prove', title: 'Prove' },
  { tab: 'keep', title: 'Keep' },
] as const;
type Tab = (typeof TABS)[number]['tab'];

/** An opening on site: fitted, its gaps set, proved, kept. Works without a connection. */
export function SiteScreen() {
  const { openingId } = useOpeningPage();
  return <OneSite key={openingId} />;
}

function OneSite() {
  const { project } = useProject();
  const { openingId, facts, decided, canEdit } = useOpeningPage();
  const site = useOpeningSite(project.id, openingId);
  const [tab, setTab] = useState<Tab>('fit');
  const benches = useMemo(() => gapBenchesOf(decided), [decided]);
  const [leaf, setLeaf] = useState(0);
  const bench = benches[Math.min(leaf, benches.length - 1)];
  const [chosen, setChosen] = useState<GapPlace | undefined>();
  const [photo, setPhoto] = useState<string | undefined>();
  const readings = (bench && site.state.gaps.get(bench.leaf)) ?? [];
  const moved = bench && site.state.moved.get(bench.leaf);
  const read = readings.at(-1)?.gaps ?? {};
  const gaps = moved?.predicted ?? read;
  const current = chosen ?? GAP_PLACES.find((place) => moved || read[place] === undefined);
  const marks = marksOf(site);
  return (
    <div className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)]">
      <div className="flex flex-wrap items-center gap-x-3 border-b border-rule px-4">
        <Kept site={site} />
        <div
          role="tablist"
          aria-label="Site"
          className="ml-auto flex gap-1 max-sm:ml-0 max-sm:w-full"
        >
          {TABS.map(({ tab: one, title }) => (
            <button
              key={one}
              role="tab"
              aria-selected={tab === one}
              className={`h-11 touch-manipulation border-b-[3px] px-3 text-base max-sm:flex-1 max-sm:px-1 ${tab === one ? 'border-brass font-semibold' : 'border-transparent text-soft'}`}
              onClick={() => setTab(one)}
            >
              {title}
            </button>
          ))}
        </div>
      </div>
      <div
        className={`survey-layout grid min-h-0 ${tab === 'gaps' ? 'site-gaps' : photo ? '' : 'site-words'}`}
      >
        <div
          className="relative grid min-h-0 grid-rows-[minmax(0,1fr)_auto] bg-sheet"
          data-pane="drawing"
        >
          <div className="min-h-0 p-2">
            {tab === 'gaps' && bench ? (
              <GapsDrawn
                bench={bench}
                gaps={gaps}
                chosen={canEdit ? current : undefined}
                title={`${facts.mark}, gaps from the pull side`}
                onChoose={setChosen}
              />
            ) : (
              <OpeningDrawn
                marks={marks}
                onPoint={
                  photo
                    ? (x, y) => {
                        site.record('place', { photo, x, y });
                        setPhoto(undefined);
                      }
                    : undefined
                }
              />
            )}
          </div>
          {tab === 'gaps' && benches.length > 1 && (
            <div className="absolute top-2 right-2 w-44">
              <Select
                label="Leaf"
                className="!h-11 w-full"
                value={String(leaf)}
                options={benches.map((one, at) => ({
                  value: String(at),
                  text: termText(`leaf.${one.leaf}`),
                }))}
                onChange={(value) => setLeaf(Number(value))}
              />
            </div>
          )}
          <div className="border-t border-rule p-2">
            <Photos
              projectId={project.id}
              openingId={openingId}
              caption={`${facts.mark}, ${TABS.find((one) => one.tab === tab)!.title}`}
              canEdit={canEdit}
              onPlace={
                canEdit
                  ? (id) => {
                      setTab('keep');
                      setPhoto(id);
                    }
                  : undefined
              }
              numberOf={(id) => marks.find((mark) => mark.id === id)?.number}
            />
          </div>
        </div>
        <div
          className="min-h-0 overflow-auto border-rule px-4 py-3"
          tabIndex={0}
          role="region"
          aria-label={TABS.find((one) => one.tab === tab)!.title}
        >
          {(tab === 'fit' || tab === 'off') && <FitPane key={tab} site={site} which={tab} />}
          {tab === 'gaps' &&
            (bench ? (
              <GapsPane
                key={bench.leaf}
                bench={bench}
                site={site}
                gaps={read}
                chosen={current}
                onChoose={setChosen}
              />
            ) : (
              <p className="text-soft">
                Gaps are read once the size of the leaf and how it hangs are decided.
              </p>
            ))}
          {tab === 'prove' && <ProvePane site={site} />}
          {tab === 'keep' && <KeepPane site={site} photo={photo} onPhoto={setPhoto} />}
        </div>
      </div>
    </div>
  );
}

const marksOf = ({ state }: OpeningSite): Mark[] =>
  [...state.places.values()].map(({ photo, x, y, by, at, note }, index) => ({
    id: photo,
    number: index + 1,
    x,
    y,
    title: [note, `${by}, ${at.slice(0, 10)}`].filter(Boolean).join(', '),
  }));

/** Whether what was recorded has reached the office. */
export function Kept({ site: { status, store } }: { site: Pick<OpeningSite, 'status' | 'store'> }) {
  const { waiting, refused, unkept, here } = status;
  return (
    <span role="status" data-site={waiting > 0 ? 'waiting' : 'saved'} className="py-1 text-xs">
      {waiting > 0 ? (
        <span className="flex items-center gap-1 text-ochre">
          <CloudOff size={14} /> {waiting} records on this device, not sent yet
        </span>
      ) : (
        <span className="text-soft">{here ? 'records saved' : 'records not fetched yet'}</span>
      )}
      {unkept && (
        <span className="block text-oxide">
          This browser cannot keep them: leave the page open.
        </span>
      )}
      {refused.map(({ id, why }) => (
        <span key={id} role="alert" className="block text-oxide">
          A record was not taken: {why}{' '}
          <button className="button bare" onClick={() => void store.drop(id)}>
            Drop it
          </button>
        </span>
      ))}
    </span>
  );
}
