import { Link } from 'react-router';
import {
  hingePositions,
  inches,
  lengthPart,
  mm,
  PRACTICES,
  type HingePattern,
  type Practice,
  type Units,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { useProject } from '../../data/project.js';
import { Figures } from '../../parts/Figure.js';
import { basisOf } from '../../worker/basis.js';

/** A pattern with the practices that carry it. */
interface Held {
  pattern: HingePattern;
  practices: Practice[];
}

/** Each pattern once, with the practices it stands in; the same id with other figures is another. */
function allPatterns(practices: Practice[]): Held[] {
  const held = new Map<string, Held>();
  for (const practice of practices)
    for (const pattern of practice.values.patterns.value) {
      const key = JSON.stringify(pattern);
      const before = held.get(key);
      if (before) before.practices.push(practice);
      else held.set(key, { pattern, practices: [practice] });
    }
  return [...held.values()];
}

/** The patterns hinges are placed by, drawn on one leaf so that they can be told apart. */
export function Patterns() {
  const { basis, practice, project } = useProject();
  const own = [...basisOf(basis).practices.values()];
  const others = [...own, ...Object.values(PRACTICES)].filter((one) => one !== practice);
  // The project's own first.
  const list = allPatterns([practice, ...others]);
  const units = { system: practice.system, denominator: practice.denominator };
  const inch = practice.system === 'inch';
  const leaf = {
    leafHeight: inch ? inches(83.125) : mm(2040),
    hingeHeight: inch ? inches(4.5) : mm(102),
    count: 3,
    headGap: inch ? inches(1 / 8) : mm(3),
    bottom: inch ? inches(3 / 4) : mm(8),
  };
  return (
    <div className="px-4 py-3">
      <p className="mb-3 max-w-3xl text-soft">
        Each drawn on a leaf <Figures parts={[lengthPart(leaf.leafHeight, units)]} /> high with
        three hinges of <Figures parts={[lengthPart(leaf.hingeHeight, units)]} />; top edges below
        the leaf’s top. A pattern of a surveyed frame is added from its replacement page; those of
        own practices are changed under{' '}
        <Link to={`/projects/${project.id}/standards`} className="underline">
          Standards
        </Link>
        .
      </p>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(190px,1fr))] gap-3">
        {list.map(({ pattern, practices }) => (
          <li key={JSON.stringify(pattern)} className="sheet p-2" data-pattern={pattern.id}>
            <h2 className="text-sm leading-4">{termText(`pattern.${pattern.id}`)}</h2>
            <PatternPicture pattern={pattern} leaf={leaf} units={units} />
            <p className="text-xs text-soft">
              {practices.map((one) => one.name).join(', ')}
              {practices.includes(practice) && (
                <b className="text-brass">
                  {practice.values.patternSteel.value === pattern.id ? ' · steel frames here' : ''}
                  {practice.values.patternTimber.value === pattern.id
                    ? ' · timber frames here'
                    : ''}
                </b>
              )}
            </p>
          </li>
        ))}
      </ul>
    </div>
  );
}

function PatternPicture({
  pattern,
  leaf,
  units,
}: {
  pattern: HingePattern;
  leaf: Parameters<typeof hingePositions>[1];
  units: Units;
}) {
  const tops = hingePositions(pattern, leaf);
  if (!tops) return <p className="py-10 text-center text-soft">Not on this leaf.</p>;
  const scale = 200 / leaf.leafHeight;
  return (
    <svg
      className="drawing my-1 h-56 w-full"
      viewBox="-10 -8 160 216"
      role="img"
      aria-label={termText(`pattern.${pattern.id}`)}
    >
      <path className="layer-leaf" d="M0 0H70V200H0Z" />
      {tops.map((top, index) => (
        <g key={index}>
          <path
            className="layer-hardware"
            d={`M-4 ${top * scale}h9v${leaf.hingeHeight * scale}h-9Z`}
          />
          <path className="layer-dimension" d={`M70 ${top * scale}H84`} />
          <foreignObject x={86} y={top * scale - 8} width={64} height={18}>
            <span className="text-[13px] leading-4">
              <Figures parts={[lengthPart(top, units)]} units={false} />
            </span>
          </foreignObject>
        </g>
      ))}
    </svg>
  );
}
