/** What the stage says: reasons, questions, findings. `{name}` is a parameter. */
export const SIZING_MESSAGES = {
  'sizing.square.width': 'Wider at the {where} by {taper}.',
  'sizing.square.height': 'Higher at the {where} by {taper}: the head is {angle} out of square.',
  'sizing.square.rack': 'By the diagonals the head stands {rack} towards the {where} of the foot.',
  'sizing.square.plumb': 'The lean of the jambs places the corners; diagonals were not taken.',
  'sizing.square.noRack': 'Without both diagonals nothing tells the rack; it is taken as none.',
  'sizing.square.bow': 'In the middle the jambs bow {bow} {way}.',
  'sizing.remeasure':
    'The readings disagree by {by}, more than {tolerance}. Take the {what} and the diagonals again before anything is ordered.',
  'sizing.order.stock': 'The smallest stock leaf that covers the need: {name}; cut by the plan.',
  'sizing.order.made': 'No stock leaf covers it within what its edges may lose: made to measure.',
  'sizing.order.asMade':
    'It cannot be trimmed: the largest square-cornered leaf that goes in. Gaps then widen to {lock} at the lock edge and {head} in height.',
  'sizing.order.half': 'Each leaf of the pair is cut to its own half.',
  'sizing.ratedTrim':
    'A rated leaf is trimmed only as its listing says, and nobody has recorded what that is: it is planned without any cut.',
  'sizing.trimUnknown':
    'What may come off the edges depends on the leaf’s construction, which is not recorded.',
  'sizing.asMadeGaps':
    'An untrimmed leaf leaves up to {widest}: square the frame, or have the leaf made to the opening.',
  'sizing.cutBeyond': 'The {edge} would lose {most}; no more than {limit} may come off.',
  'sizing.leaf.copied': 'Copied from the old leaf.',
  'sizing.copied': 'Copied from the old leaf, edge by edge: the gap there is, less the gap wanted.',
  'sizing.copied.edge': 'The {edge} {way} {by}.',
  'sizing.copied.taper': 'The {edge} {way} {first} {from} and {other} {second} {to}.',
  'sizing.copyUnread':
    'How the old leaf hangs was not read at {edges} of its edges: what is wrong there is copied, too. Read the gaps, or say that it hangs well.',
  'sizing.copyTaper':
    'The old leaf’s edges are not equally long, and nobody said which end is square: the head is taken as square, the foot as tapered.',
  'sizing.copyHinge':
    'For the hinge gap of {gap} that is wanted, the hinges are {way} by {by} compared with the old leaf.',
  'sizing.leafAgainstFrame':
    'Frame and old leaf with its gaps differ by {by}, more than {most}: one of them was misread. Measure both again.',
  'sizing.thickness.practice': 'The usual thickness in {practice} work.',
  'sizing.thickness.outside': 'The usual thickness of outer doors in {practice} work.',
  'sizing.thickness.rated':
    'The usual thickness of leaves rated {from} min and more in {practice} work; the test report decides.',
  'sizing.gap.practice': 'The usual gap in {practice} work ({source}).',
  'sizing.gap.continuous': 'A continuous hinge takes its own gap ({source}).',
  'sizing.gap.heel':
    'A leaf {thickness} thick, hung {inset} in from its edge, needs {needed} at the heel to turn: √(a² + (t/2)²) − a.',
  'sizing.overlap.practice':
    'Frame opening and an overlap of {overlap} where the leaf passes the lining ({source}).',
  'sizing.undercut.practice': 'The usual undercut without a threshold in {practice} work.',
  'sizing.undercut.threshold': 'The usual clearance over a threshold in {practice} work.',
  'sizing.undercut.sliding': 'The usual clearance under a sliding leaf ({source}).',
  'sizing.undercut.rise':
    'The floor rises {rise} under the sweep; with {clearance} over the rise that is more than the usual undercut.',
  'sizing.stable.division': 'Divided {division} above the floor ({source}).',
  'sizing.frame.fromLeaf': 'Leaf and gaps added up.',
  'sizing.frame.fromWall': '{wall} wall opening − 2 × ({face} face + {packing} packing).',
  'sizing.frame.fromWallHead': '{wall} wall opening − {face} head − {packing} packing.',
  'sizing.mullion': 'The usual removable mullion ({source}); each side of it is a single.',
  'sizing.movement':
    'The usual gap, and {gain} for what the timber gains in damp: {across} across the grain × {rate} × {change} % ({source}); up to the next {step}.',
  'sizing.overAll': 'The body and {overlap} over the frame at both sides and the head ({source}).',
  'sizing.lining': '{wall} wall and {board} on each face for the board’s edge ({source}).',
  'sizing.lining.taper':
    'The wall is not alike everywhere: cut every member {widest} wide and plane it to its place, down to {least}. Pack it plumb; the stops are planted last, against the hung leaf.',
  'sizing.lining.place': 'At one end and at the other: wall and boards there.',
  'sizing.outside': '{total} opening + 2 × {face} face.',
  'sizing.outside.head': '{total} opening + {face} head.',
  'sizing.wall': '{total} opening + 2 × ({face} face + {packing} packing).',
  'sizing.wall.head': '{total} opening + {face} head + {packing} packing.',
  'sizing.nominal.frame': 'Named by its frame opening.',
  'sizing.nominal.leaf': 'Named by its leaf, within 3 mm of a listed size.',
  'sizing.nominal.none': 'No listed size answers to it.',
  'sizing.ventilation': '{undercut} under {width} of leaf.',
  'sizing.doesNotClose':
    'The {axis} does not close: the recorded parts are {excess} {direction} for the opening.',
  'sizing.wideLeaf':
    'One leaf of {width}: above {most} it is a pair, or the figure is a slip. Measure again, or say of what kind it is.',
  'sizing.impossible':
    'A leaf of {width} × {height} is not made. Look at the frame opening and leaf sizes again.',
  'sizing.gapNegative':
    'The {gap} comes out {ticks} below nothing: frame and leaf do not fit each other.',
  'sizing.ratedGap':
    'The {gap} is {ticks}; a rated leaf usually allows no more than {limit}. Ask what the listing says.',
  'sizing.ratedUndercut':
    'The undercut is {ticks}; a rated leaf usually allows no more than {limit}. Ask what the listing says.',
  'ask.width': 'How wide is the frame opening, or the leaf?',
  'ask.height': 'How high is the frame opening from the floor, or the leaf?',
  'ask.activeWidth': 'How wide is the active leaf?',
  'ask.thresholdHeight': 'How high is the threshold?',
  'ask.frameMaterial': 'What is the frame made of?',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof SIZING_MESSAGES> {}
}
