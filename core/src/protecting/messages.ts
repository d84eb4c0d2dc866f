/** What is said of the protecting. */
export const PROTECTING_MESSAGES = {
  'protecting.plates.recorded': 'As recorded: a plate {height} high.',
  'protecting.plates.traffic': 'What passes through: {traffic}.',
  'protecting.plates.role': 'As the role has it: {role}.',
  'protecting.plates.glass': 'A leaf of glass takes no plates; its rail stands for them.',
  'protecting.plates.slides': 'A sliding leaf is not kicked open.',
  'protecting.plates.unknown': 'Nothing recorded asks for plates.',
  'protecting.against.bare': 'What passes through would mark the leaf.',
  'protecting.plate': 'The leaf less {less} wide.',
  'protecting.plate.cut':
    'The leaf less {less} wide; {height} would reach what stands above, so {to}.',
  'protecting.plate.rod': 'It ends before the rod that runs down to the floor.',
  'protecting.mop': 'On the pull face; the leaf less {less} wide.',
  'protecting.stretcher': 'Its middle at the bumper, {height} above the floor.',
  'protecting.fingerGuard': 'To {height} above the floor, on both faces.',
  'protecting.fingerGuard.children':
    'Children pass here: to {height} above the floor, on both faces.',
  'protecting.viewer': 'At {height} above the floor.',
  'protecting.viewer.two': 'At {height}, and at {low} for who sits.',
  'protecting.label':
    'A plate {height} high on a rated leaf: above {most} it wants a label of its own.',
  'protecting.smooth':
    'An accessible leaf is smooth to {height} on its push side: the bottom rail is {rail}. A plate over it, its edges bevelled, or a higher rail.',
  'protecting.viewerRated': 'A viewer through a rated leaf only as listed for it.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof PROTECTING_MESSAGES> {}
}
