import { roomKey } from '../model/index.js';
import type { ComparisonKey, AcrossFinding } from './acrossFinding.js';
import { strikesOf } from './strike.js';

/** Leaves of neighbours that open into one room and strike each other there. */
export function strikeFindings(openings: readonly ComparisonKey[]): AcrossFinding[] {
  const beside = openings.filter((one) => one.beside !== undefined);
  const byMark = new Map(beside.map((one) => [roomKey(one.mark), one]));
  return beside.flatMap((one): AcrossFinding[] => {
    const two = byMark.get(roomKey(one.beside!.mark));
    // Each names the other; a pair is told once.
    if (!two || two.id <= one.id || roomKey(two.beside!.mark) !== roomKey(one.mark)) return [];
    const [a, b] = [one.beside!, two.beside!];
    if (a.at !== b.at || a.into === undefined || b.into === undefined) return [];
    if (roomKey(a.into) !== roomKey(b.into)) return [];
    const strike = strikesOf(a, b, a.at);
    if (!strike) return [];
    return [
      {
        level: 'check',
        code: 'checking.across.strike',
        params: {
          one: one.mark,
          two: two.mark,
          room: a.into,
          first: { degrees: strike.one },
          second: { degrees: strike.two },
        },
        source: 'both swings in plan',
        openings: [one.id, two.id],
      },
    ];
  });
}
