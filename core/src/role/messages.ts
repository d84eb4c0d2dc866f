/** What is said of the opening as a whole. */
export const ROLE_MESSAGES = {
  'role.guessed': 'Guessed from its rooms, {from} and {to}: to be confirmed.',
  'role.escapeGuessed': 'Guessed from its rooms: towards the open. To be confirmed.',
  'assumed.exterior': 'One side is in the open: {from}, {to}.',
  'assumed.accessible': 'Its room says so: {from}, {to}.',
  'assumed.make': 'Usual for this role ({role}) in {practice} work.',
  'assumed.usual': 'Usual in {practice} work.',
  'assumed.people': 'By the ways out of the building: {people} people leave by it.',
  'assumed.peopleAtLeast':
    'By the ways out of the building: at least {people} people leave by it; not every room is counted.',
  'assumed.smoke.role': 'It holds smoke back, being what it is: {role} ({source}).',
  'assumed.smoke.corridor':
    'Rated {minutes} minutes, in a corridor: it holds smoke back ({source}).',
  'assumed.sound': 'Sound insulation is asked for, being what it is: {role} ({source}).',
  'assumed.role': 'Follows from the role: {role}.',
  'assumed.route': 'Taken to be on an accessible route ({source}).',
  'assumed.seal': 'The leaf rests on a seal, as weather, smoke, sound or light is held back.',
  'role.escapeWays':
    'By the ways out of the building, towards the open: {people} people counted. To be confirmed.',
  'role.escapeUncounted':
    'By the ways out of the building, towards the open; people are not counted. To be confirmed.',
  'ask.people': 'How many people is the room for? From {from} an exit device is asked for.',
  'ask.peopleLeaving': 'How many people leave by it? From {from} an exit device is asked for.',
  'ask.roleNamed': 'What is this door? Its rooms’ names do not tell: {rooms}.',
  'ask.role': 'What is this door? Likeliest: {first}, {second}, {third}.',
  'ask.escape': 'Which way do people leave through it?',
  'ask.occupancy':
    'What are the rooms used for that {people} people leave? Whether exit devices are required depends on the occupancy.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof ROLE_MESSAGES> {}
}
