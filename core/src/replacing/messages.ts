/** What the stage says: reasons, questions, findings. `{name}` is a parameter. */
export const REPLACING_MESSAGES = {
  'replacing.state': 'Found {state}.',
  'replacing.frame.renew': 'Found {state}: a frame that no longer carries is renewed.',
  'replacing.frame.refix': 'Loose: pack and fix it again before the leaf is hung.',
  'replacing.frame.repair': 'Its screws no longer hold: repair the fixing, see the ways below.',
  'replacing.listing': 'Rated: only as the frame’s listing allows.',
  'replacing.leaf.state': 'Found {state}.',
  'replacing.leaf.gap':
    'It leaves {gap} at the widest place; {limit} is the most. A new leaf closes it.',
  'replacing.leaf.repair': 'Found {state}: repaired, it can stay.',
  'replacing.withFrame': 'It goes with the frame.',
  'replacing.hinges.state': 'Found {state}.',
  'replacing.hinges.move': 'A pattern was chosen that the frame does not have.',
  'replacing.hinges.rated': 'Rated: keep them only if they are steel with bearings.',
  'replacing.lock.state':
    'Found {state}; a new one at the same height and backset keeps the strike.',
  'replacing.lock.move':
    'Taken over into the new leaf: centre {height} above the floor, backset {backset}.',
  'replacing.strike.keep': 'It meets the lock.',
  'replacing.strike.move': 'It is {off} off the lock’s height: move it {way}.',
  'replacing.closer.missing': 'A rated leaf must close itself, and there is none.',
  'replacing.closer.move': 'It moves to the new leaf, {place}.',
  'replacing.closer.keep': 'It stays, {place}.',
  'replacing.repair.refix': 'Pack behind each hinge and the strike, fix into sound wall.',
  'replacing.repair.long':
    'Longer screws through the lining into the stud: least work, nothing to cut.',
  'replacing.repair.plug': 'Glued hardwood plugs across the grain, drilled again.',
  'replacing.repair.otherPattern':
    'A hinge with other screw places, so that every screw finds sound material.',
  'replacing.repair.tap': 'Drill up and tap the frame for the next larger machine screw.',
  'replacing.repair.continuous':
    'A continuous hinge: its many screws find sound places, and it takes its own gap from the leaf’s width.',
  'ask.state.frame': 'In what state is the frame?',
  'ask.state.leaf': 'In what state is the leaf?',
  'ask.state.hinges': 'In what state are the hinges?',
  'ask.state.lock': 'In what state is the lock?',
  'ask.state.strike': 'Where does the strike stand?',
  'ask.state.closer': 'Where is the closer?',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof REPLACING_MESSAGES> {}
}
