/** What the stage says: reasons, questions, findings. `{name}` is a parameter. */
export const HANDING_MESSAGES = {
  'ask.hingeSide': 'Standing outside, on which hand are the hinges?',
  'ask.swing': 'Does it swing in (away from a person outside) or out?',
  'ask.active': 'Which leaf opens first, seen from outside?',
  'ask.doubleEgress': 'From outside, which leaf comes towards you: left or right?',
  'ask.slideTo': 'Seen from outside, to which side does it slide?',
  'ask.handAgain':
    'Look again: standing outside, on which hand are the hinges, and does it swing in or out?',
  'outside.use':
    '{room} ({use}) is the more public side of {other} ({otherUse}): the door is locked against people there.',
  'outside.street': '{room} is the street side.',
  'outside.closet': 'One enters {other} from {room}.',
  'outside.corridor': '{room} is the more public side.',
  'outside.first':
    'Neither room is more public, so the room named first; say so if the key is on the other side.',
  'handing.seen': 'From outside the hinges are on the {side} and it swings {swing}.',
  'handing.names':
    '{bevel}; back to the jamb it swings {jamb}; seen from the knuckle side the hinges are on the {knuckle}.',
  'handing.knuckles': '{bevel}: the knuckles show on the side it swings to.',
  'handing.doubleActingPair':
    'Both leaves swing both ways, each from its own jamb: they have no hand.',
  'handing.doubleActing': 'It swings both ways, so it has a pivot side and no hand.',
  'handing.doubleEgress':
    'Each leaf is handed from its own pull side; each person pushes the leaf on their {pushed}.',
  'handing.possible': 'What is known leaves {hands}.',
  'handing.contradiction': 'The observations contradict each other. Leaving one out: {culprits}.',
  'handing.contradictionList':
    'The list says {list}; what was seen on site says otherwise: {seen}. Look again, from which side too.',
  'handing.contradictionAll': 'The observations contradict the recorded hinge side or swing.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof HANDING_MESSAGES> {}
}
