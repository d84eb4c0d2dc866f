/** What is said of the opening as a whole. */
export const ROLE_MESSAGES = {
  'role.guessed': 'Guessed from its rooms, {from} and {to}: to be confirmed.',
  'role.escapeGuessed': 'Guessed from its rooms: towards the open. To be confirmed.',
  'ask.role': 'What is this door? Likeliest: {first}, {second}, {third}.',
  'ask.escape': 'Which way do people leave through it?',
  'ask.occupancy':
    'What are the rooms used for that {people} people leave? Whether exit devices are required depends on the occupancy.',
} as const;

declare module '../opening/registry.js' {
  interface Messages extends Readonly<typeof ROLE_MESSAGES> {}
}
