import type { Finding } from '../model/index.js';

/** Who must be asked about a finding. */
export const ANSWERERS = [
  'authority',
  'electrician',
  'structure',
  'leafMaker',
  'frameMaker',
  'specifier',
] as const;
export type Answerer = (typeof ANSWERERS)[number];

/** Sources that an authority interprets: codes of fire, escape and access. */
const CODES =
  /NFPA|IBC|IRC|ADA|UL \d|EN 1634|EN 1155|Approved Document|national rule|DIN 18040|AS 1428/;

const BY_CODE: readonly [RegExp, Answerer][] = [
  [/slab|floorCase|pivotThreshold/i, 'structure'],
  [
    /blocking|joint|skin|void|lead|glassLeaf|securing\.glass|soundLeaf|listedTrim|cutBeyond/i,
    'leafMaker',
  ],
  [/jamb|headFace|reveal|twoLeaves$|frame/i, 'frameMaker'],
];

/** Who must answer a finding: by its rule, by the code it comes from, else whoever specifies. */
export function whoAnswers({
  code,
  stage,
  source,
}: Pick<Finding, 'code' | 'stage' | 'source'>): Answerer {
  if (stage === 'powering') return 'electrician';
  const known = BY_CODE.find(([pattern]) => pattern.test(code));
  if (known) return known[1];
  return CODES.test(source) ? 'authority' : 'specifier';
}
