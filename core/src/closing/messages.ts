/** What is said of the closing. */
export const CLOSING_MESSAGES = {
  'ask.closesRated': 'What is its fire rating? Rated it closes by itself.',
  'ask.closesDwelling':
    'Shall it close by itself? Rated doors within one dwelling need not; those of a shared house do ({source}).',
  'ask.closes': 'Shall it close by itself? Neither role nor rating tells.',
  'ask.closerSide': 'Which way does it swing? The side of its closer follows from that.',
  'closing.need.slides': 'A sliding leaf: what closes it belongs to its gear, as listed.',
  'closing.need.recorded': 'As recorded.',
  'closing.need.without': 'Recorded without a closer.',
  'closing.need.rated': 'A rated leaf closes by itself ({source}).',
  'closing.need.letIn':
    'People are let in one by one: what is electric locks nothing until the leaf is shut again.',
  'closing.need.pool': 'A gate to a pool closes and latches by itself, from wherever it is let go.',
  'closing.poolOpen':
    'A gate to a pool that does not close by itself: a child that finds it ajar is in the water.',
  'closing.need.locked': 'Nobody goes through it: kept locked shut, without a closer ({source}).',
  'closing.keptLocked':
    'Rated, and without a closer: it closes only while it is kept locked. A sign on it that says so, and nobody props it.',
  'closing.need.role': 'As the role has it: {role}.',
  'closing.need.exterior': 'To the open: it closes by itself against weather and strangers.',
  'closing.need.notRated': '{role}: closes by itself only where it is rated.',
  'closing.need.notRole': '{role}: nothing asks it to close by itself.',
  'closing.device.spring':
    'The springs of its hinges close it: adjust them so that it latches from any angle.',
  'closing.device.operator': 'Its operator closes it, too: no closer beside it.',
  'closing.device.asked': 'As recorded.',
  'closing.device.floor': 'On centre pivots the closer is the pivot in the floor.',
  'closing.device.head':
    'The floor cannot take a case ({slab}): the closer is the pivot in the head.',
  'closing.device.hidden':
    'Nothing shall be seen: in the top rail, by a template for this hanging.',
  'closing.device.egress':
    'The leaves swing opposite ways: each closer stands where its leaf is pushed.',
  'closing.device.either':
    'Neither side is more private: on the pull face, where the arm works best.',
  'closing.device.pull':
    'It swings into the room it belongs to: the closer stands on the pull face, in the room, not in the corridor.',
  'closing.device.pullOut':
    'It swings in: the closer stands inside, on the pull face, out of the weather.',
  'closing.device.push':
    'It swings out of the room: the closer stays in the room, on the push face.',
  'closing.device.pushOut':
    'It swings out: the closer stays inside, on the push face, out of weather and reach.',
  'closing.device.topJamb':
    'A narrow rail takes no body: it stands on the head’s face, its arm on the leaf.',
  'closing.against.asked': 'The closer is recorded {kind}.',
  'closing.against.noPivot': 'It turns the leaf by a pivot; this leaf has hinges.',
  'closing.against.heel': 'On centre pivots no arm reaches over the heel.',
  'closing.against.seen': 'It is seen.',
  'closing.against.glass': 'Nothing is screwed to glass.',
  'closing.against.thin': 'It wants a leaf {needed} thick; this one is {leaf}.',
  'closing.against.headFace': 'It wants {needed} of head face; there is {has}.',
  'closing.against.slab': 'The floor cannot take its case: {slab}.',
  'closing.against.weather': 'It would stand outside, in weather and within reach.',
  'closing.against.publicSide': 'It would stand on the corridor’s side.',
  'closing.against.power': 'It brings about {share} % of the power to the leaf.',
  'closing.against.notReleased':
    'A rated or smoke leaf is held open only by what detection releases.',
  'closing.against.noWall': 'There is no wall for it.',
  'closing.against.trip': 'Feet and carts go there.',
  'closing.against.noArm': 'Only the arms of closers on the push face have a stop of their own.',
  'closing.against.overhead': 'Its arm and the closer’s want the same place.',
  'closing.size.width': 'Size {size} for a leaf {width} wide, {where} ({source}).',
  'closing.size.both': 'Size {size} for {width} and {mass}: the larger of both ({source}).',
  'closing.size.noMass':
    'Size {size} for {width}; the mass is not known and was not checked ({source}).',
  'closing.size.rated': 'At least {size} on a rated leaf ({source}).',
  'closing.size.latch': 'At least {size}: latch and seals hold against it with {need}.',
  'closing.size.access':
    'Accessible: set to size {size}, so that it opens with at most {limit} ({source}); prove that it still latches.',
  'closing.size.least':
    'Accessible and rated: set to size {size}, no stronger than latch and seals ask for; other leaves open with at most {limit} ({source}). Prove that it latches from any angle.',
  'closing.size.tall': 'A size more: it is {height} high.',
  'closing.size.wind': 'A size more against wind or pressure.',
  'closing.size.weak':
    'The spring set a size stronger: {device} brings about {share} % of its power.',
  'closing.force':
    'It closes with {closing} and gives back {efficiency} % of the work: {moment} to open it, {at} from the hinge.',
  'closing.template': 'Spindle and shoe from the hinge’s axis ({source}).',
  'closing.arm': 'As far as the arm reaches; closed it stands {out} out of the face.',
  'closing.arm.track': 'As far as its roller runs; closed nothing stands out further than {out}.',
  'closing.holdOpen.release':
    'Held by a magnet that detection and loss of power release ({source}).',
  'closing.holdOpen.arm': 'Neither rated nor against smoke: a hold-open that is worked by hand.',
  'closing.backCheck.wanted': 'To the open, in wind or in high use it is thrown open.',
  'closing.backCheck.none': 'Inside, in ordinary use.',
  'closing.stop.inCloser': 'The closer stops it at a set angle.',
  'closing.stop.gate': 'A gate: the ground or its post stops it, as the place has it.',
  'closing.stop.holder': 'The holder stands where it stops.',
  'closing.stop.glass': 'It opens against glass: stopped from above, before it gets there.',
  'closing.stop.wall': 'A wall stands in its path: a stop on it, where the lever would strike.',
  'closing.stop.meets':
    'It comes to the side wall at {angle}: a stop on it, where the lever would strike.',
  'closing.stop.out':
    'It opens into the open, where no wall is and a stop in the ground is tripped over.',
  'closing.stop.outArm': 'It opens into the open: stopped by the closer’s own arm.',
  'closing.stop.busy': 'No wall in its path, and many feet: stopped from above.',
  'closing.stop.floor': 'No wall in its path.',
  'closing.stop.assumed':
    'What the open leaf comes to is not recorded: the usual stop, to be confirmed.',
  'closing.stop.inset': 'Near the lock edge, about {inset} in from it.',
  'closing.selector.coordinator': 'The coordinator of its bolts sees to the order.',
  'closing.selector.overlap':
    'Its edges overlap: the leaves must close one after the other ({source}).',
  'closing.selector.free': 'Its edges do not overlap: either leaf may close first.',
  'closing.forceRated':
    'It takes {force} to open it, {at} from the hinge; an accessible leaf at most {limit}. A rated leaf is set to the least that latches it. Ways out: a powered operator, or held open by a magnet.',
  'closing.forceNone':
    'It takes {force} to open it, {at} from the hinge; at most {limit} is asked, and no size stays below it. Ways out: a powered operator, a balanced door, a lobby.',
  'closing.forceOutside':
    'It takes {force} to open it, {at} from the hinge; at most {limit} is asked, and a weaker spring does not close it against wind. Ways out: a powered operator, a balanced door, a lobby.',
  'closing.latches':
    'It closes with {has}; latch and seals hold against it with {moment}. Unless its last zone runs briskly it stands off its strike. Ways out: a low-friction latch, less seal, a powered operator.',
  'closing.pressure':
    '{pressure} Pa on {area}, its latch and its seals hold it open with {moment}; it closes with {has}. Size {size} closes it, if it may be opened so hard.',
  'closing.pressureNone':
    '{pressure} Pa on {area}, its latch and its seals hold it open with {moment}; no closer closes against that ({has}). Ways out: a lobby, a balanced or powered door, less pressure.',
  'closing.armShort':
    'The arm lets it open to {angle}; {wanted} is wanted: another template, or a track.',
  'closing.armStop':
    'The arms of closer and overhead stop cross on the pull face: a stop in the head, or the closer on the push face.',
  'closing.bodyWall':
    'With the leaf open {angle} the closer’s body reaches {beyond} past the hinge jamb; the wall stands {wall} away.',
  'closing.reveal':
    'A reveal of {reveal} is deeper than {most}: the arm’s shoe wants a deep-reveal bracket.',
  'closing.headFace':
    'The head’s face is {has}; the body wants {needed}: a plate, or another mounting.',
  'closing.ceiling': 'Only {room} up to the ceiling: the arm does not swing there.',
  'closing.rail':
    'The top rail is {rail}; the body is {body} high: a drop plate, clear of the glass.',
  'closing.transom':
    'Without a head rail below the transom there is nothing to fix the shoe to: a transom bar or a bracket.',
  'closing.beyond':
    'Wider or heavier than the largest size is made for (size {size} taken): a floor closer made for it, or an operator.',
  'closing.springRated':
    'Springs on a rated leaf: only as listed, and only if it latches from any angle.',
  'closing.movingAxis': 'The axis of concealed hinges moves: a template of the maker for both.',
  'closing.delayed': 'A delay on a rated or smoke leaf keeps it open while it should be shut.',
  'closing.heldRated':
    'Rated or against smoke, and held open by what no detection releases: only by a device that lets go on detection and when the power fails.',
  'closing.time': 'Accessible: from 90° to 12° in not less than {seconds} s; set it on site.',
  'closing.timeSpring':
    'Accessible: spring hinges from 70° to closed in not less than {seconds} s.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof CLOSING_MESSAGES> {}
}
