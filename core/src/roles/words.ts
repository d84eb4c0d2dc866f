import type { PracticeId } from '../practice/index.js';
import { ROLE, ROLES, type Role } from './list.js';
import type { MoreWords } from './role.js';

/**
 * Words parted by commas, as a list.
 *
 * @example roleWords('Store, closet,, jan') // ['store', 'closet', 'jan']
 */
export function roleWords(text: string): string[] {
  return text.split(',').flatMap((one) => one.trim().toLowerCase() || []);
}

/** Which of a role’s words each practice reads beside the usual ones. */
const READS: Record<PracticeId, 'buildings' | 'dwellings' | 'australasian' | 'german' | null> = {
  'us-commercial': 'buildings',
  'us-residential': 'dwellings',
  british: null,
  continental: 'german',
  australasian: 'australasian',
};

function joined(usual: string, more: MoreWords | undefined): string {
  if (!more) return usual;
  return 'instead' in more ? more.instead : [usual, more.and].filter(Boolean).join(', ');
}

/** The words of every role in a practice, in the order they are read. */
export function roomWords(practice: PracticeId): Record<Role, string> {
  const reads = READS[practice];
  const inOrder = ROLES.toSorted((a, b) => ROLE[a].readAs.place - ROLE[b].readAs.place);
  return Object.fromEntries(
    inOrder.map((role) => {
      const { rooms } = ROLE[role];
      return [role, joined(rooms.usual, reads ? rooms[reads] : undefined)];
    }),
  ) as Record<Role, string>;
}
