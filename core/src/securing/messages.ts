/** What the stage says: reasons, questions, findings. `{name}` is a parameter. */
export const SECURING_MESSAGES = {
  'securing.lockedByHand': 'Nothing latches it: it is locked only when somebody throws the bolt.',
  'securing.function.only': 'The one function this lock is made in.',
  'securing.function.free': 'Not locked against people: the simplest that nobody can lock.',
  'securing.against.traps': 'In some state nobody gets out without a key.',
  'securing.against.twoMotions': 'In some state it takes two motions to get out.',
  'securing.traps':
    'In some state nobody inside gets out without a key. On a way out the code usually does not allow it.',
  'securing.twoMotions':
    'In some state it takes two motions to get out: the bolt, then the handle.',
  'securing.slips': 'Its latch has no dead-latch pin: a card can push it back.',
  'securing.noLatch': 'A rated leaf must latch by itself.',
  'securing.noLatchTested':
    'Nothing latches this rated leaf: only where its tested evidence allows it.',
  'securing.writtenDiffers':
    'Written by hand: “{written}”. Decided: {decided}. Which is it? Preparation and acceptance test follow what is decided.',
  'securing.kind.ratedPair': 'A rated pair wants a latch of {throw}: {grade} ({source}).',
  'securing.delayed':
    'It lets people out only after a delay: where code and authority allow it, with its sign, alarm and release on fire.',
  'securing.notMet':
    'No {kind} does what is asked for {use}: it would not be {wish}. Another lock type, or what it is for.',
  'securing.against.delayed': 'It lets people out only after a delay.',
  'securing.opposite':
    'The leaves swing opposite ways and cannot latch into each other: rods on each, or push only.',
  'securing.astragalExit':
    'Exit devices on both leaves and meeting edges that overlap: each leaf must open alone. A split astragal or edge seals as listed.',
  'securing.stairSide':
    'The lock keeps people on the stair out of the storey, and is keyed from the other side: {room} is its outside, and the hand is named from there.',
  'securing.amperesOpen':
    'Nobody has recorded how many amperes the equipment in the room is rated: from {from} A its doors open out with panic hardware.',
  'securing.panicMissing':
    'People leave by this leaf in a number or from rooms that take panic hardware, and it has a {kind}.',
  'securing.barOnPull':
    'People leave towards the pull side: the bar of an exit device stands on the push face only. Swing it the other way.',
  'securing.barOutside':
    'The bar would stand on the side the door is locked against. Which way do people leave?',
  'securing.escapeBoth':
    'People leave both ways: a device has its bar on one face only. A double-egress pair, or no latch.',
  'securing.swingsAgainst':
    'It swings against {people} people who leave by it; from {from} the leaf opens the way out.',
  'securing.panic.no': 'No panic hardware is asked for.',
  'securing.panic.people':
    '{people} people leave by it, {occupancy}: panic hardware from {from} where it latches or locks.',
  'securing.panic.gathering':
    '{people} people gather in the room behind it: from {from} that is an assembly, though {occupancy} is recorded. It may ask for panic hardware.',
  'securing.panic.perhaps':
    '{people} people leave by it and the occupancy is not recorded: from {from} it may ask for panic hardware.',
  'securing.panic.unknown':
    'A pair that many may leave by, and nobody has said how many, nor what the building is used for: from {from} people it takes panic hardware where it latches or locks.',
  'securing.against.rebated':
    'A bored latch does not reach over a rebated meeting edge; locks let into the edge are made for it.',
  'ask.swingFirst':
    'Those who leave come against the leaf, and a bar stands on its push face only: swing it with them, or who leaves by it?',
  'securing.useDiffers':
    'For {role} the lock is usually {usual}; recorded is {use}. Is that meant?',
  'securing.panic.uncounted':
    'Nobody has counted who leaves by it, {occupancy}: from {from} people it takes panic hardware where it latches or locks.',
  'securing.panic.electrical':
    'Electrical equipment of {amperes} A: from {from} A doors near it open out with panic hardware.',
  'ask.secured': 'What is this door, or what is its lock for?',
  'ask.function': 'No {kind} does what is asked for {use}: which function?',
  'securing.use.recorded': 'For: {use}.',
  'securing.use.role': 'Role of the door: {role}.',
  'securing.use.rated': 'A rated leaf latches ({source}): push and pull alone do not hold it.',
  'securing.kind.written': 'As it is written: “{line}”.',
  'securing.kind.usual': 'Usual for {use}: {grade} ({source}).',
  'securing.kind.highUse': 'High use: {grade} ({source}).',
  'securing.kind.grade': 'Ordered by {grade}.',
  'securing.kind.other': 'A {kind} is not made in a function for {use}.',
  'securing.kind.pushPull': 'Nobody locks or latches it: push and pull.',
  'securing.kind.opposite':
    'The leaves swing opposite ways: a device with rods on each, without trim.',
  'securing.kind.oppositeFree': 'The leaves swing opposite ways and need no latch: push only.',
  'securing.kind.glass':
    'A leaf all of glass takes no case or bore: a lock clamped onto it, in holes that the glass maker drills before toughening.',
  'securing.kind.glassFree':
    'A leaf all of glass that nobody locks: pull handles through the glass, held shut by its closer.',
  'securing.kind.slides': 'It slides: a hook or lift-up bolt in the edge.',
  'securing.kind.folds': 'Folding leaves are pulled open; a lock only where somebody asks for one.',
  'securing.kind.slidesFree': 'It slides and nobody locks it: edge pull and flush pulls.',
  'securing.kind.swings': 'It swings both ways: only a dead bolt holds it.',
  'securing.kind.swingsFree': 'It swings both ways and nobody locks it.',
  'securing.kind.exit': 'A way out for many: pushed open at one motion.',
  'securing.kind.rods': 'Two leaves without a mullion, each to open alone: rods to head and floor.',
  'securing.kind.rodsConcealed': 'Nothing shall be seen: rods within the leaves.',
  'securing.kind.narrow': 'A narrow metal stile takes only a lock made for it.',
  'securing.against.none': 'Its use or its rating asks for a latch or a lock.',
  'securing.against.notExit': 'The people this way out serves ask for an exit device.',
  'securing.against.noWayOut': 'It is not on a way out.',
  'securing.against.roller': 'A roller holds the leaf, it does not latch or lock it.',
  'securing.against.coldRoom': 'Made for the insulated leaves of cold rooms.',
  'securing.against.gate': 'Made for gates and doors in the open.',
  'securing.against.narrow': 'Made for narrow metal stiles.',
  'securing.against.alone':
    'Alone it is a lock of an entrance; here a handle and a latch are wanted.',
  'securing.against.rated': 'A rated leaf must latch by itself from within the leaf.',
  'securing.against.thin': 'A case of {case} wants a leaf of {needed}; it is {leaf}.',
  'securing.against.boredThick':
    'Bored locks are made for leaves up to {most}; it is {leaf}: a kit, or a mortise lock.',
  'securing.against.boredThin': 'Bored locks want a leaf of at least {least}; it is {leaf}.',
  'securing.against.stile': 'It wants {needed} of solid stile; there is {stile}.',
  'securing.against.loose': 'Nothing then holds the second leaf.',
  'securing.against.glassBolts': 'No bolts that work by themselves are made for glass.',
  'securing.against.surface': 'Surface bolts do not go on rated leaves or ways out.',
  'securing.against.manualRated':
    'Bolts worked by hand are left drawn: a rated second leaf wants automatic ones.',
  'securing.against.manualWayOut': 'Bolts worked by hand keep the second leaf of a way out shut.',
  'securing.against.manualWidth':
    'The second leaf is needed for the clear width: it must open without bolts worked by hand.',
  'securing.twoMotionsOut':
    'It takes two motions to get out, and this is a way out: the code usually asks for one.',
  'securing.doubleKeyed':
    'Keyed on both sides, often chosen beside glass. Instead: film or laminated glass, a turn that is captured, or a lock more than {far} from the glass.',
  'securing.caseWide':
    'The case wants {needed} of solid wood or metal from the edge; there is {has}.',
  'securing.trimOver.stile':
    'Backset and trim want {needed} of stile; there is {has}: the trim stands on moulding or bead.',
  'securing.trimOver.glass':
    'Backset and trim want {needed} up to the glass; there is {has}: the trim stands on the bead.',
  'securing.trimOver.blocking': 'Backset and trim want {needed} of blocking; there is {has}.',
  'securing.thinLeaf':
    'Beside the case {has} of wood is left; it wants {needed}. A rim lock, a narrower case, or a block planted on the inside face.',
  'securing.straightBolt':
    'A straight bolt does not hold a leaf that slides away from it: a hook does. Where it stays, its strike must grip the bolt.',
  'securing.boredThin':
    'Bored locks want a leaf of {from} to {to}; it is {leaf}. A kit for thin leaves, roses that pack it out, or a rim lock would fit.',
  'securing.boredThick': 'Bored locks are made for {from} to {to}; a leaf of {leaf} wants a kit.',
  'securing.fingers':
    'From the grip to the stop there is {has}; fingers want {needed}. A larger backset or a lever.',
  'securing.shortLatch':
    'Of the latch {in} is in the strike over a gap of {gap}; it wants {wanted}.',
  'securing.shortBolt':
    'Of the dead bolt {in} is in the strike over a gap of {gap}; it wants {wanted}.',
  'securing.ratedThrow':
    'Listings of rated pairs often ask for a latch of {wanted}; this comes out {throw}. As listed.',
  'securing.pinFalls':
    'The cut-out reaches {over} too far: the dead-latch pin falls into it and no longer holds the latch.',
  'securing.height.practice': 'The usual height of {item} ({source}).',
  'securing.height.top': 'Taken from the leaf’s top.',
  'securing.height.leaf': 'As high as its case fits below the top of the leaf.',
  'securing.height.strike': 'At the existing strike.',
  'securing.height.second': 'Above the lock, at the practice’s usual height.',
  'securing.height.reach': 'At {height}, outside what everybody reaches: {from} to {to}.',
  'securing.height.escape': 'At {height}, outside the height of escape hardware: {from} to {to}.',
  'securing.height.range': 'At {height}; the practice keeps it between {from} and {to}.',
  'securing.secondLock': 'A dead bolt of its own above the lock: two motions to get out.',
  'securing.secondLockOut':
    'A dead bolt of its own above the lock on a way out: the code usually asks for one motion.',
  'securing.cylinder.profile':
    'Outside × inside: half the leaf and the plate, in made steps; outside it stands out {proud}.',
  'securing.cylinder.mortise':
    'From the face into the case, to the next made length; a ring of {ring} fills the rest.',
  'securing.cylinder.even': 'From the face into the case; no ring is needed.',
  'securing.cylinderProud':
    'The cylinder stands out {by} outside; more than {most} can be gripped and broken. A thicker plate.',
  'securing.backset.practice': 'Usual ({source}).',
  'securing.backset.narrower':
    'The usual {usual} does not fit {solid} of solid edge; the largest made that does.',
  'securing.strike.jamb':
    '{flat} from the stop to the latch’s flat face, with {play} of play there; lip {lip}.',
  'securing.strike.face':
    'On the face of the frame beside the lock; trim that is in its way is cut.',
  'securing.strike.ends':
    'Its rods latch in the head, and in the floor where there is a lower one.',
  'securing.strike.leaf':
    'In the second leaf; {flat} from the plane of its stop to the latch’s flat face, with {play} of play.',
  'securing.engagement': 'It comes out {throw}, less {gap} of gap.',
  'securing.oldStrike.level': 'Its middle stands where the lock asks for it.',
  'securing.oldStrike.off': 'Its middle is off: {off} {way}.',
  'securing.bar': 'Of the made {made} bar {cut} is cut off.',
  'securing.barShort': 'The bar would be {needed}; the longest made is {made}.',
  'securing.exitStile':
    'The device’s case wants about {needed} of stile; there is {has}. A device for narrow stiles.',
  'securing.second.keyed':
    'Whoever comes first opens one leaf by key; the other lets out only, with nothing to key or to force outside.',
  'securing.second.same': 'People use both leaves from outside: the same device on each.',
  'securing.against.secondKey':
    'A second cylinder to key and to keep, for a leaf that need not open first.',
  'securing.against.secondShut': 'From outside only one of the leaves opens.',
  'securing.height.pool': 'The release of a gate to a pool is out of a child’s reach ({source}).',
  'securing.poolLatch':
    'The latch of a gate to a pool at {height}: below {least} children reach it. Higher, or its release on the pool’s side only, low down and shielded.',
  'securing.smokeBarrier':
    'In a smoke barrier of health care such leaves need not latch: if it is no fire door beside, push and pull will do. The authority decides.',
  'securing.fireExit': 'On a rated leaf: a device listed for fire, without dogging.',
  'securing.noBottomRod': 'Without a bottom rod: only if the device’s listing lets it.',
  'securing.rodFloor': 'The bottom rod needs a strike in floor or threshold: not recorded which.',
  'securing.glass':
    'Holes and notches for the lock are made by the glass maker before toughening, to the lock maker’s template: agree it before the glass is ordered.',
  'securing.bolts.recorded': 'As recorded.',
  'securing.bolts.mullion': 'The mullion holds each leaf.',
  'securing.bolts.magnet': 'Its magnet holds each leaf.',
  'securing.bolts.glass': 'A glass leaf takes a bolt in its corner patch, worked by hand.',
  'securing.bolts.bothWays': 'It swings both ways: only bolts worked by hand hold it.',
  'securing.bolts.shut': 'Nobody goes through it: bolts worked by hand are enough.',
  'securing.bolts.home':
    'In a dwelling people leave by the active leaf; the bolts of the second are drawn by hand.',
  'securing.bolts.manual':
    'Neither rated nor on a way out, and the active leaf is wide enough alone.',
  'securing.bolts.unknown':
    'Whether people leave by it is not recorded: until it is, bolts that need no hand.',
  'securing.against.manualStore':
    'Bolts by hand on a store or equipment room, or where the second leaf is not needed: where the code allows it, labelled where rated.',
  'securing.bolts.rated': 'Rated: both leaves must be held by themselves.',
  'securing.bolts.egress': 'On a way out: the second leaf must let itself be opened at once.',
  'securing.bolts.width': 'The active leaf alone is too narrow: the second must open with it.',
  'securing.coordinator.overlap': 'The meeting edges overlap: the active leaf must close last.',
  'securing.coordinator.bolts': 'Bolts that throw themselves want the second leaf closed first.',
  'securing.coordinator.either': 'Either leaf may close first.',
  'securing.coordinator.noCloser':
    'No closer brings both leaves to: they are closed by hand, in their order.',
  'securing.noCoordinator':
    'Without a coordinator the active leaf can close first and hold the second open.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof SECURING_MESSAGES> {}
}
