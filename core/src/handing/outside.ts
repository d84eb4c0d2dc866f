import { said, type OpeningFacts, type Said } from '../opening/index.js';

const PUBLIC =
  /corridor|passage|hall|lobby|landing|stair|street|yard|foyer|exterior|outside|outdoor|terrace|garden|roof|dock|path|court/i;
const PRIVATE = /closet|cupboard|store|riser|toilet|wc|shower|bath|plant|cabinet/i;
const STREET = /street|exterior|outside|outdoor|yard|terrace|garden|roof|path|court/i;

/**
 * Which of the two rooms is the outside, the side the door is locked against people: the street,
 * else the corridor, else the room a closet opens from, else the room named first.
 */
export function outsideOf(facts: OpeningFacts): { outside: 'from' | 'to'; why: Said } {
  const from = facts.from ?? '';
  const to = facts.to ?? '';
  const pick = (outside: 'from' | 'to', code: string) => ({
    outside,
    why: said(code, {
      room: (outside === 'from' ? from : to) || outside,
      other: (outside === 'from' ? to : from) || '',
    }),
  });
  const streets = [STREET.test(from), STREET.test(to)];
  if (streets[0] !== streets[1]) return pick(streets[0] ? 'from' : 'to', 'outside.street');
  const inner = [PRIVATE.test(from), PRIVATE.test(to)];
  if (inner[0] !== inner[1]) return pick(inner[0] ? 'to' : 'from', 'outside.closet');
  const open = [PUBLIC.test(from), PUBLIC.test(to)];
  if (open[0] !== open[1]) return pick(open[0] ? 'from' : 'to', 'outside.corridor');
  return pick('from', 'outside.first');
}
