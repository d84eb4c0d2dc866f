import { memoize } from '../measure/index.js';
import { BASE_METALS, type BaseMetal, type FinishRow } from './values.js';

export const plainFinish = (text: string) =>
  text
    .toLowerCase()
    .replace(/aluminum/g, 'aluminium')
    .replace(/polished/g, 'bright')
    .replace(/brushed|matt?e?\b/g, 'satin')
    .replace(/steel/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** Words by which an appearance is meant beside its own name. */
const ALIASES: Readonly<Record<string, string>> = {
  stainless: 'satin-stainless',
  'satin stainless': 'satin-stainless',
  ssss: 'satin-stainless',
  chrome: 'bright-chrome',
  brass: 'bright-brass',
  black: 'flat-black',
  'satin black': 'flat-black',
  orb: 'oil-rubbed-bronze',
  'dark bronze': 'oil-rubbed-bronze',
  'satin anodised': 'satin-aluminium',
  'clear anodised': 'satin-aluminium',
  silver: 'satin-aluminium',
  galvanised: 'zinc',
  'zinc plated': 'zinc',
  'to be painted': 'primed',
  paint: 'primed',
};

/** The appearance that a person's words or a number mean; undefined where none is known. */
export const appearanceOf = memoize(
  (finishes: readonly FinishRow[], text: string): FinishRow | undefined => {
    const said = plainFinish(text);
    const number = said.replace(/^us ?/, '');
    return (
      finishes.find(
        (one) =>
          one.id.replace(/-/g, ' ') === said ||
          one.us.toLowerCase() === number ||
          BASE_METALS.some(
            (metal) => metal !== 'painted' && one[metal] !== '' && one[metal] === number,
          ),
      ) ?? finishes.find(({ id }) => id === ALIASES[said])
    );
  },
);

/** What an item is finished as: the number on its metal, and whether that is of the nearest appearance. */
export interface CodedFinish {
  row: FinishRow;
  code: string;
  nearest: boolean;
}

/** The number of an appearance on a metal, or that of the nearest appearance; undefined where neither is made. */
export function finishOn(
  finishes: readonly FinishRow[],
  row: FinishRow,
  metal: BaseMetal,
): CodedFinish | undefined {
  return codedFor(finishes, row.id, metal);
}

const codedFor = memoize(
  (finishes: readonly FinishRow[], id: string, metal: BaseMetal): CodedFinish | undefined => {
    const of = (wanted: string) => finishes.find((one) => one.id === wanted);
    // The appearance itself, the nearest, or what looks nearest to that.
    let row = of(id);
    for (let step = 0; step < 3 && row; step++) {
      if (row[metal] !== '') return { row, code: row[metal], nearest: step > 0 };
      row = of(row.nearest);
    }
    return undefined;
  },
);
