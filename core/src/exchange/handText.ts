import { bad, good, normaliseText, getOwn, type Result } from '../measure/index.js';
import type { OpeningFacts, Side, Swing } from '../model/index.js';

type Patch = Partial<OpeningFacts>;

const CODES: Record<string, { hingeSide: Side; swing: Swing }> = {
  lh: { hingeSide: 'left', swing: 'in' },
  rh: { hingeSide: 'right', swing: 'in' },
  lhr: { hingeSide: 'left', swing: 'out' },
  rhr: { hingeSide: 'right', swing: 'out' },
};

const other = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/**
 * Reads a hand in the words of any school that names its side: four-hand codes (`LH`, `RHR`, `LHRB`,
 * `left hand reverse`, `RHRA` for a pair's active leaf) and the knuckle side (`DIN left`, `DIN-R out`,
 * `ISO 5`, `right, opens in`). `DA` and `DE` name a kind of opening instead. The knuckle side without a swing is kept as an observation, since it leaves two
 * hands possible. A bare `left` is refused: schools mean opposite things by it.
 *
 * @example readHand('DIN left, in').value // { hingeSide: 'right', swing: 'in' }
 */
export function readHand(typed: string): Result<Patch> {
  const clean = normaliseText(typed).replace(/[().]/g, '').trim();
  const active = /(?:[- ]active|[- ]act)$/.test(clean) || /^[lr]hr?a$/.test(clean);
  const bare = clean.replace(/[- ]?(active|act)$/, '').replace(/^([lr]hr?)a$/, '$1');
  const spelt = bare
    .replace(/^left[- ]hand/, 'lh')
    .replace(/^right[- ]hand/, 'rh')
    .replace(/[- ]?reverse([- ]?bevel)?$/, 'r')
    .replace(/^([lr]hr)b$/, '$1')
    .replace(/[\s-]/g, '');
  const code = getOwn(CODES, spelt);
  if (code) {
    return good(active ? { active: code.hingeSide, swing: code.swing } : code);
  }
  if (bare === 'da' || bare === 'double acting') return good({ kind: 'double-acting' });
  if (/^(da|double acting) pair$|^dap$/.test(bare)) return good({ kind: 'double-acting-pair' });
  if (bare === 'de' || bare === 'double egress') return good({ kind: 'double-egress' });
  // ISO 5 closes clockwise, the knuckles on the right of who sees them; ISO 6 the other way.
  const iso = clean.replace(/^iso[- ]?5\b/, 'din right').replace(/^iso[- ]?6\b/, 'din left');
  const din =
    /^(?:din[- ]?(left|right|links|rechts|l|r)|(left|right|links|rechts),? (?=opens))[, -]*(?:opens? ?)?(in|out|inwards?|outwards?)?$/.exec(
      iso.replace(/ lh$| rh$| lhr$| rhr$/, ''),
    );
  if (!din) return bad('column.hand', { text: typed });
  const side: Side = /^l/.test(din[1] ?? din[2]!) ? 'left' : 'right';
  if (!din[3]) return good({ observations: [{ stood: 'knuckle-side', hinges: side }] });
  const swing: Swing = din[3].startsWith('in') ? 'in' : 'out';
  return good({ hingeSide: swing === 'out' ? side : other(side), swing });
}
