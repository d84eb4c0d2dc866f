import type { OpeningFacts } from '../model/index.js';
import type { Occupancy } from '../practice/index.js';
import type { TwoRooms } from './guess.js';
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

/** The three likeliest where the rooms do not tell: by what is known of use, place and what passes. */
export function likelyRoles(
  { fromUse, toUse, exterior }: Pick<TwoRooms, 'fromUse' | 'toUse' | 'exterior'>,
  { secured, occupancy, traffic }: Pick<OpeningFacts, 'secured' | 'occupancy' | 'traffic'>,
): Three {
  if (fromUse === 'sanitary' || toUse === 'sanitary')
    return ['toilet-single', 'toilet-group', 'bathroom'];
  if (exterior === true) return ['entrance', 'final-exit', 'house-entrance'];
  if (traffic === 'beds') return ['patient-room', 'treatment', 'cross-corridor'];
  const usual = occupancy !== undefined && occupancy !== 'unknown' && LIKELY[occupancy];
  if (usual) return usual;
  if (traffic === 'carts') return ['store', 'goods', 'kitchen'];
  if (secured === false) return ['meeting', 'bedroom', 'toilet-group'];
  return ['office', 'store', 'toilet-single'];
}
