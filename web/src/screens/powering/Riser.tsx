import { termText, wiringOf, type Powering } from '@riegel/core';
import { useOpeningPage } from '../../opening/page.js';

interface Block {
  title: string;
  note: string;
}

/** The chain as blocks: supply, what crosses to the leaf, each load with its conductors. */
export function Riser() {
  const { decided, units, practice } = useOpeningPage();
  const { powering } = decided.results;
  if (powering.loads.length === 0)
    return <p className="m-auto p-6 text-center text-soft">Nothing of it works by power.</p>;
  const word = (code: string) => termText(code, units.language);
  const runs = wiringOf(powering, practice);
  return (
    <figure className="sheet m-3 flex-1 overflow-auto p-3" aria-label="Riser">
      <svg
        className="drawing mx-auto w-full max-w-3xl"
        viewBox={`0 0 640 ${60 + runs.length * 78}`}
        role="img"
        aria-label="Supply, wires and loads"
      >
        <BlockBox x={10} y={30} block={supplyBlock(powering)} />
        {runs.map(({ load, count, at, through, conductors, wire }, index) => {
          const y = 30 + index * 78;
          return (
            <g key={load}>
              <path
                d={`M170 ${30 + 26} H200 V${y + 26} H${through ? 250 : 470}`}
                fill="none"
                stroke="currentColor"
                strokeWidth={1.5}
              />
              <text x={205} y={y + 20} fontSize={12} fill="currentColor">
                {conductors} conductors{wire ? `, ${wire}` : ''}
              </text>
              {through && (
                <>
                  <BlockBox
                    x={250}
                    y={y}
                    block={{ title: word(`wirePath.${through}`), note: 'frame to leaf' }}
                  />
                  <path d={`M410 ${y + 26} H470`} stroke="currentColor" strokeWidth={1.5} />
                </>
              )}
              <BlockBox
                x={470}
                y={y}
                block={{
                  title: `${count > 1 ? `${count} × ` : ''}${word(`load.${load}`)}`,
                  note: word(`wireAt.${at}`),
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
