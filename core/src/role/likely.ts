import { placeNamed, type OpeningFacts } from '../model/index.js';
import type { Occupancy } from '../practice/index.js';
import type { TwoRooms } from './guess.js';
import { spaceNamed } from './spaces.js';
import type { Role } from '../roles/index.js';

type Three = readonly [Role, Role, Role];

/** By what a building, or a part of it, is used for. */
const LIKELY: Partial<Record<Occupancy, Three>> = {
  assembly: ['assembly', 'meeting', 'store'],
  education: ['classroom', 'office', 'store'],
  institutional: ['patient-room', 'treatment', 'patient-toilet'],
  mercantile: ['shop', 'store', 'office'],
  factory: ['store', 'plant', 'office'],
  storage: ['store', 'goods', 'office'],
  residential: ['apartment', 'bedroom', 'bathroom'],
  dwelling: ['bedroom', 'bathroom', 'closet'],
};

/** A room by its number alone. */
const NUMBERED = /^(?:(?:room|rm|raum|zimmer|space|area)\b)?[\s#.-]*\p{L}{0,2}[\d.-]*\p{L}?$/iu;

/** Whether a name says something that is none of the spaces people pass through, nor a number. */
const tellsNothingUsual = (name: string) =>
  !NUMBERED.test(name.trim()) && spaceNamed(name) === undefined;

/**
 * The three likeliest where the rooms do not tell: by what is known of use, place and what passes; undefined where
 * a room has a name that none of them is called by. No list is better than a foolish one.
 */
export function likelyRoles(
  {
    from,
    to,
    fromUse,
    toUse,
    exterior,
  }: Pick<TwoRooms, 'fromUse' | 'toUse' | 'exterior'> & Partial<Pick<TwoRooms, 'from' | 'to'>>,
  { secured, occupancy, traffic }: Pick<OpeningFacts, 'secured' | 'occupancy' | 'traffic'>,
): Three | undefined {
  if (fromUse === 'sanitary' || toUse === 'sanitary')
    return ['toilet-single', 'toilet-group', 'bathroom'];
  if (exterior === true) return ['entrance', 'final-exit', 'house-entrance'];
  const named = [placeNamed(from, fromUse), placeNamed(to, toUse)];
  if (named.some((place) => place.has('kept') || place.has('dwelling'))) return undefined;
  if (traffic === 'beds') return ['patient-room', 'treatment', 'cross-corridor'];
  const usual = occupancy !== undefined && occupancy !== 'unknown' && LIKELY[occupancy];
  if (usual) return usual;
  if (traffic === 'carts') return ['store', 'goods', 'kitchen'];
  // A name that says something, and not what is usual.
  if ([from, to].some((name) => name !== undefined && tellsNothingUsual(name))) return undefined;
  if (secured === false) return ['meeting', 'bedroom', 'toilet-group'];
  return ['office', 'store', 'toilet-single'];
}
