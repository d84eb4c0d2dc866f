import { QrCode } from 'lucide-react';
import { useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { dueState, siteState, type SiteState } from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { useSite } from '../../data/useSite.js';
import { openingAddress } from '../../stage/openingPages.js';
import { Keeping } from './Keeping.js';
import { readCode } from './readCode.js';
import { Kept } from './SiteScreen.js';

const today = () => new Date().toISOString().slice(0, 10);

/** The openings on site, storey by storey, with how far each is; found by its code or its mark. */
export function SiteList() {
  const { project, building } = useProject();
  const { openings } = useOpenings();
  const { store, status } = useSite(project.id);
  const version = useSyncExternalStore(store.subscribe, store.status);
  const [tab, setTab] = useState<'openings' | 'keeping'>('openings');
  const [text, setText] = useState('');
  const states = useMemo(
    () =>
      version.here || version.waiting > 0
        ? new Map(openings.map(({ id }) => [id, siteState(store.ofOpening(id))] as const))
        : new Map<string, SiteState>(),
    [openings, store, version],
  );
  const shown = openings.filter(({ facts }) =>
    [facts.mark, facts.from, facts.to].some((one) =>
      one?.toLowerCase().includes(text.trim().toLowerCase()),
    ),
  );
  const storeys = [...new Set(shown.map(({ facts }) => facts.storey ?? ''))].sort(
    (a, b) => building.storeys.indexOf(a) - building.storeys.indexOf(b),
  );
  return (
    <div className="h-full overflow-auto px-6 py-4 max-sm:px-3" tabIndex={0}>
      <div className="mx-auto max-w-5xl">
        <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
          <h1 className="text-2xl leading-8">Site</h1>
          <Kept site={{ status, store }} />
          <div role="tablist" aria-label="Site" className="ml-auto flex gap-1">
            {(['openings', 'keeping'] as const).map((one) => (
              <button
                key={one}
                role="tab"
                aria-selected={tab === one}
                className={`h-11 border-b-[3px] px-4 text-base ${tab === one ? 'border-brass font-semibold' : 'border-transparent text-soft'}`}
                onClick={() => setTab(one)}
              >
                {one === 'openings' ? 'Openings' : 'Keeping'}
              </button>
            ))}
          </div>
        </div>
        {tab === 'keeping' ? (
          <Keeping states={states} />
        ) : (
          <>
            <div className="mb-4 flex gap-2">
              <input
                className="field !h-12 min-w-0 flex-1 text-lg"
                aria-label="Find an opening"
                placeholder="mark or room"
                value={text}
                onChange={(event) => setText(event.target.value)}
              />
              <Scan
                projectId={project.id}
                known={(id) => states.has(id) || openings.some((one) => one.id === id)}
              />
            </div>
            {openings.length === 0 && (
              <p className="text-soft">Add openings in the register first, then fit them here.</p>
            )}
            {storeys.map((storey) => (
              <section key={storey} className="mb-6" aria-label={storey || 'Openings'}>
                {storey && <h2 className="caps mb-1">{storey}</h2>}
                <ul className="grid grid-cols-2 gap-2 max-[900px]:grid-cols-1">
                  {shown
                    .filter(({ facts }) => (facts.storey ?? '') === storey)
                    .map(({ id, facts }) => (
                      <li key={id}>
                        <Link
                          to={openingAddress(project.id, id, 'site')}
                          className="sheet grid min-h-14 grid-cols-[4.5rem_1fr_auto] items-center gap-3 px-4 py-2 hover:!border-brass"
                        >
                          <span className="text-lg font-semibold">{facts.mark}</span>
                          <span className="truncate text-soft">
                            {[facts.from, facts.to].filter(Boolean).join(' → ')}
                          </span>
                          <How state={states.get(id)} />
                        </Link>
                      </li>
                    ))}
                </ul>
              </section>
            ))}
          </>
        )}
      </div>
    </div>
  );
}

function How({ state }: { state: SiteState | undefined }) {
  if (!state) return <span />;
  const done = [...state.steps.values()].filter((one) => one.done).length;
  const open = state.defects.filter(({ settled }) => !settled).length;
  const near = state.due && dueState(state.due, today());
  return (
    <span className="text-right leading-5 tabular-nums">
      {open > 0 && <span className="mr-2 text-oxide">{open} open</span>}
      {state.due ? (
        <span
          className={
            near === 'overdue' ? 'font-semibold text-oxide' : near === 'later' ? '' : 'text-ochre'
          }
        >
          by {state.due}
        </span>
      ) : state.signed.length > 0 ? (
        'signed'
      ) : done > 0 ? (
        `${done} steps done`
      ) : (
        <span className="text-soft">not begun</span>
      )}
    </span>
  );
}

/** Finds an opening by a picture of the code on its sheet or leaf; works without a connection. */
function Scan({ projectId, known }: { projectId: string; known: (id: string) => boolean }) {
  const navigate = useNavigate();
  const input = useRef<HTMLInputElement>(null);
  const scan = async (file: File | undefined) => {
    if (!file) return;
    const code = await readCode(file).catch(() => undefined);
    const id = code && /\/projects\/([\w-]+)\/(?:openings|site)\/([\w-]+)/.exec(code);
    if (!id)
      toast.error('There is no code of an opening in this picture. Hold it straight and near.');
    else if (id[1] !== projectId || !known(id[2]!))
      toast.error('This code is of an opening of another project.');
    else void navigate(openingAddress(projectId, id[2]!, 'site'));
  };
  return (
    <label className="button !h-12 shrink-0 cursor-pointer">
      <QrCode size={20} /> Scan
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        aria-label="Picture of the code"
        onChange={(event) => {
          void scan(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
    </label>
  );
}
