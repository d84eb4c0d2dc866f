import { termText, type Powering, type WirePath } from '@riegel/core';
import { useOpeningPage } from '../../opening/page.js';

/** Conductors of a run, by what hangs on it. */
const CONDUCTORS: Partial<Record<string, number>> = {
  lock: 8,
  'exit-trim': 8,
  retraction: 6,
  delayed: 10,
  strike: 2,
  holder: 2,
  reader: 6,
  keypad: 6,
  intercom: 4,
};

interface Block {
  title: string;
  note: string;
}

/** The chain as blocks: supply, what crosses to the leaf, each load with its conductors. */
export function Riser() {
  const { decided, units } = useOpeningPage();
  const { powering } = decided.results;
  if (powering.loads.length === 0)
    return <p className="m-auto p-6 text-center text-soft">Nothing of it works by power.</p>;
  const word = (code: string) => termText(code, units.language);
  const loads = grouped(powering.loads);
  const crosses = (load: string) =>
    ['lock', 'exit-trim', 'retraction', 'delayed'].includes(load) ? powering.path : undefined;
  return (
    <figure className="sheet m-3 flex-1 overflow-auto p-3" aria-label="Riser">
      <svg
        className="drawing mx-auto w-full max-w-3xl"
        viewBox={`0 0 640 ${60 + loads.length * 78}`}
        role="img"
        aria-label="Supply, wires and loads"
      >
        <BlockBox x={10} y={30} block={supplyBlock(powering)} />
        {loads.map(([load, count], at) => {
          const y = 30 + at * 78;
          const path: WirePath | undefined = crosses(load);
          const wires = (CONDUCTORS[load] ?? 2) * count;
          return (
            <g key={load}>
              <path
                d={`M170 ${30 + 26} H200 V${y + 26} H${path && path !== 'frame' ? 250 : 470}`}
                fill="none"
                stroke="currentColor"
                strokeWidth={1.5}
              />
              <text x={205} y={y + 20} fontSize={12} fill="currentColor">
                {wires} conductors{powering.wire ? `, ${powering.wire.name}` : ''}
              </text>
              {path && path !== 'frame' && (
                <>
                  <BlockBox
                    x={250}
                    y={y}
                    block={{ title: word(`wirePath.${path}`), note: 'frame to leaf' }}
                  />
                  <path d={`M410 ${y + 26} H470`} stroke="currentColor" strokeWidth={1.5} />
                </>
              )}
              <BlockBox
                x={470}
                y={y}
                block={{
                  title: `${count > 1 ? `${count} × ` : ''}${word(`load.${load}`)}`,
                  note: path && path !== 'frame' ? 'in the leaf' : 'on frame or wall',
                }}
              />
            </g>
          );
        })}
      </svg>
    </figure>
  );
}

function supplyBlock({ currents, wire }: Powering): Block {
  const amperes = currents ? `${Number(currents.supply.toPrecision(3))} A` : '';
  return { title: 'Supply with battery', note: [amperes, wire?.name].filter(Boolean).join(' · ') };
}

function grouped(loads: readonly string[]): [string, number][] {
  const counts = new Map<string, number>();
  for (const load of loads) counts.set(load, (counts.get(load) ?? 0) + 1);
  return [...counts];
}

function BlockBox({ x, y, block }: { x: number; y: number; block: Block }) {
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={160}
        height={52}
        fill="var(--color-sheet)"
        stroke="currentColor"
        strokeWidth={1.5}
      />
      <text x={x + 80} y={y + 22} fontSize={13} textAnchor="middle" fill="currentColor">
        {block.title}
      </text>
      <text x={x + 80} y={y + 40} fontSize={11} textAnchor="middle" fill="var(--color-soft)">
        {block.note}
      </text>
    </g>
  );
}
