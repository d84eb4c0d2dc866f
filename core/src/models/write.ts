import type { DecidedOpening } from '../deciding/index.js';
import { toMm } from '../measure/index.js';
import { decisionName, itemText, partsText, termText, valueParts } from '../phrasing/index.js';
import { headingOf, orderedItems, unitsOf } from '../scheduling/index.js';
import { readModelDoors } from './doors.js';
import { stepText } from './step.js';

/** The property set that decided data stand in. */
export const MODEL_SET = 'Riegel_DoorHardware';

const LETTERS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz_$';

/** An identifier as models have them, always the same for the same text: 128 bits in 22 signs. */
function guidOf(text: string): string {
  const words = [0x811c9dc5, 0x01000193, 0x9e3779b9, 0x85ebca6b].map((seed) => {
    let hash = seed;
    for (let at = 0; at < text.length; at++)
      hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193) >>> 0;
    return hash;
  });
  let bits = words.reduce((all, word) => (all << 32n) | BigInt(word), 0n);
  let guid = '';
  for (let at = 0; at < 22; at++) {
    guid = LETTERS[Number(bits & 63n)]! + guid;
    bits >>= 6n;
  }
  return guid;
}

/** What is told of an opening: names with typed values, as the format has them. */
function propertiesOf({ decided, set }: ModelOpening): [string, string][] {
  const units = unitsOf(decided);
  const label = (text: string) => `IFCLABEL(${stepText(text.slice(0, 255))})`;
  const length = (ticks: number) => `IFCLABEL(${stepText(`${Number(toMm(ticks).toFixed(2))} mm`)})`;
  const { facts, items, decisions, results } = decided;
  const heading = headingOf(decided);
  const leaf = results.sizing.leaves[0];
  return [
    ['Mark', label(facts.mark)],
    ...(set === undefined ? [] : [['HardwareSet', label(String(set))] as [string, string]]),
    ...(heading.hand ? [['Hand', label(heading.hand)] as [string, string]] : []),
    ...(heading.role ? [['Role', label(heading.role)] as [string, string]] : []),
    ...(leaf?.width ? [['LeafWidth', length(leaf.width)] as [string, string]] : []),
    ...(leaf?.height ? [['LeafHeight', length(leaf.height)] as [string, string]] : []),
    [
      'Hardware',
      `IFCTEXT(${stepText(
        orderedItems(items)
          .map((item) => `${item.quantity} ${itemText(item, units.language)}`)
          .join('; ') || 'open',
      )})`,
    ],
    ...decisions.flatMap(({ stage, name, leaf: of, value, status }): [string, string][] =>
      status === 'decided' && value?.type === 'term'
        ? [
            [
              [
                termText(`stage.${stage}`),
                decisionName(stage, name),
                of && of !== 'leaf' ? termText(`leaf.${of}`) : '',
              ]
                .filter(Boolean)
                .join(', '),
              label(partsText(valueParts(value, units))),
            ],
          ]
        : [],
    ),
    ['Open', `IFCINTEGER(${decisions.filter(({ status }) => status === 'open').length})`],
  ];
}

/** A decided opening with the number of its set. */
export interface ModelOpening {
  decided: DecidedOpening;
  set: number | undefined;
}

/**
 * A building model with what was decided of its doors, each as a property set beside all that was there: nothing of
 * the file is changed but its end. Doors are known by their marks.
 *
 * @returns the file, and the marks that the model has no door of; undefined where it is none that can be read
 */
export function writeModel(
  text: string,
  openings: ReadonlyMap<string, ModelOpening>,
): { text: string; written: number; unknown: string[] } | undefined {
  const read = readModelDoors(text);
  if (typeof read === 'string') return undefined;
  let id = read.last;
  const lines: string[] = [];
  const seen = new Set<string>();
  let written = 0;
  for (const door of read.doors) {
    const opening = openings.get(door.mark);
    if (!opening) continue;
    seen.add(door.mark);
    written += 1;
    const owner = door.owner === undefined ? '$' : `#${door.owner}`;
    const properties = propertiesOf(opening).map(([name, value]) => {
      id += 1;
      lines.push(`#${id}=IFCPROPERTYSINGLEVALUE(${stepText(name)},$,${value},$);`);
      return `#${id}`;
    });
    id += 1;
    const set = id;
    lines.push(
      `#${set}=IFCPROPERTYSET(${stepText(guidOf(`${door.guid} set`))},${owner},${stepText(MODEL_SET)},$,(${properties.join(',')}));`,
    );
    id += 1;
    lines.push(
      `#${id}=IFCRELDEFINESBYPROPERTIES(${stepText(guidOf(`${door.guid} rel`))},${owner},$,$,(#${door.id}),#${set});`,
    );
  }
  const end = text.lastIndexOf('ENDSEC');
  return {
    text: `${text.slice(0, end)}${lines.map((line) => `${line}\n`).join('')}${text.slice(end)}`,
    written,
    unknown: [...openings.keys()].filter((mark) => !seen.has(mark)),
  };
}
