/** What the exercises say. */
export const LEARNING_MESSAGES = {
  'learn.word': '{word}',
  'learn.hand.four': 'Which hand is it, by the four-hand code?',
  'learn.hand.knuckle': 'Left or right, by the side where the knuckles show?',
  'learn.hand.jamb': 'Left or right, with the back to the hinge jamb?',
  'learn.hand.why':
    'From outside the hinges are on the {side}, and the leaf swings {swing}: {code}.',
  'learn.hand.whyKnuckle':
    'The knuckles show {where}; seen from there the hinges are on the {side}.',
  'learn.hand.whyJamb': 'With the back to the hinge jamb it swings to the {side}.',
  'learn.hand.mirrored': 'That is its mirror image: the hinges are on the other side.',
  'learn.hand.otherSchool':
    'That is the other school’s word: the two always say the opposite. Which one is meant must be said with it.',
  'learn.hand.fromInside': 'That is what it looks like from inside: the code is read from outside.',
  'learn.hand.swing':
    'The side is right, the swing is not: R for reverse stands where it opens out.',
  'learn.lock.passage': '“Nobody needs to lock it. It just has to stay shut.”',
  'learn.lock.privacy':
    '“Whoever is in there wants to be left alone. No key, but we must get in if somebody falls.”',
  'learn.lock.office':
    '“By day it stands open to everybody. When I stay late I lock it from inside, without hunting for a key; in the morning my key gets me in.”',
  'learn.lock.classroom':
    '“The teacher locks it from outside with a key. No pupil shall ever be able to lock it from inside.”',
  'learn.lock.lockDown':
    '“If somebody dangerous is in the building the teacher must be able to lock it from inside, by key, without stepping out.”',
  'learn.lock.store':
    '“Always locked from outside, by itself. With a key one gets in; from inside one always gets out.”',
  'learn.lock.entrance':
    '“The front door: a dead bolt at night, a way to leave it unlocked by day, out with one motion.”',
  'learn.lock.apartment':
    '“The flat’s door: a dead bolt, and whoever runs out needs one motion, no key.”',
  'learn.lock.guest':
    '“A guest’s room: locks by itself, the guest can bolt it from inside, and the house still gets in with a key in an emergency.”',
  'learn.lock.dormitory':
    '“A student’s room: can be left open, can be locked from inside, has a dead bolt, and out is one motion.”',
  'learn.lock.why': 'It is {lock}.',
  'learn.lock.keeps': 'It {what}.',
  'learn.lock.breaks': 'It {what}.',
  'learn.lock.traps': 'It can hold somebody inside without a key: never on a way out.',
  'learn.closer.question': 'The leaf {what}. Which screw, which way?',
  'learn.closer.sweep': 'Sweep valve, {turns} {unit} {way}',
  'learn.closer.latch': 'Latch valve, {turns} {unit} {way}',
  'learn.closer.spring': 'Spring, {turns} {unit} {way}',
  'learn.closer.why.sweep':
    'The sweep valve governs the way from wide open to the last 12°: clockwise closes it and slows the leaf.',
  'learn.closer.why.latch':
    'The latch valve governs the last 12°: clockwise closes it and slows the leaf.',
  'learn.closer.why.spring':
    'The spring is what closes: with the valves open as far as is safe and the leaf still slow, force is lacking: wind it, clockwise. No valve gives force.',
  'learn.closer.oil':
    'No valve is opened beyond {most} turns: oil comes out, and no closer is mended on site.',
  'learn.closer.leaks': 'That opens the valve so far that oil comes out: the closer is lost.',
  'learn.closer.then': '{part} {way}: now the leaf {what}.',
  'learn.gap.question':
    'A leaf on three butts binds. Which hinge, which way? (Those between follow the line of the ends.)',
  'learn.gap.pack': 'Pack the {hinge} hinge out by {by}',
  'learn.gap.deepen': 'Let the {hinge} hinge in by {by} more',
  'learn.gap.otherWay': 'The right hinge, the wrong way: the error doubles.',
  'learn.gap.otherHinge':
    'The other hinge turns the leaf about the one that is wrong: the gaps tilt further.',
  'learn.gap.tilts': 'That brings the leaf upright, but all of it to one side.',
  'learn.gap.whyTop':
    'The gaps beside the bottom hinge are as they shall be; they go wrong towards the top, and the head gap slopes: the top hinge is off.',
  'learn.gap.whyBottom':
    'The gaps beside the top hinge are as they shall be; they go wrong towards the foot, and the head gap slopes: the bottom hinge is off.',
  'learn.gap.whyOut':
    'Its hinge gap is wide and its lock gap narrow: it stands out too far, so it is let in.',
  'learn.gap.whyIn':
    'Its hinge gap is narrow and its lock gap wide: it stands in too deep, so it is packed.',
} as const;

export const LEARNING_TERMS = {
  'learn.bench.hand': 'Hand',
  'learn.bench.lock': 'Lock',
  'learn.bench.closer': 'Closer',
  'learn.bench.gaps': 'Gaps',
  'turn.one': 'turn',
  'turn.more': 'turns',
  'learn.property.canStayOpen': 'Can be left so that anybody comes in',
  'learn.property.locksItself': 'Locks by itself when it closes',
  'learn.property.locksFromInside': 'Is locked from inside without a key',
  'learn.property.locksFromOutside': 'Is locked from outside with a key',
  'learn.property.freeOut': 'Out by one motion in every state',
  'learn.property.canTrap': 'Can hold somebody inside',
  'learn.property.emergencyEnters': 'A tool opens it in need',
  'learn.property.canLockOut': 'Can lock somebody out',
  'learn.swing.in': 'in',
  'learn.swing.out': 'out',
  'learn.where.inside': 'inside',
  'learn.where.outside': 'outside',
  'learn.end.top': 'top',
  'learn.end.bottom': 'bottom',
  'learn.way.clockwise': 'clockwise',
  'learn.way.counter': 'counter-clockwise',
  'learn.part.sweep': 'Sweep valve',
  'learn.part.latch': 'Latch valve',
  'learn.part.spring': 'Spring',
  'learn.fault.stalls': 'stops before it is shut',
  'learn.fault.sweepFast': 'comes too fast as far as the last 12°',
  'learn.fault.sweepSlow': 'creeps as far as the last 12°',
  'learn.fault.latchFast': 'goes too fast over the last 12°',
  'learn.fault.latchSlow': 'creeps over the last 12°',
  'learn.fault.slams': 'slams',
  'learn.fault.oil': 'has a valve opened too far',
  'learn.keeps.leftOpen': 'can be left so that anybody comes in',
  'learn.keeps.locksItself': 'locks by itself when it closes',
  'learn.keeps.fromInside': 'is locked without a key from inside or in its edge',
  'learn.keeps.fromOutside': 'is locked from outside with a key',
  'learn.keeps.privacy': 'opens from outside with a tool in need',
  'learn.keeps.deadBolt': 'has a dead bolt',
  'learn.keeps.egress': 'lets out by one motion, always, without a key',
  'learn.keeps.lockDown': 'is locked from inside with a key',
  'learn.keeps.power': 'is worked by power',
  'learn.keeps.keyless': 'has no key outside',
  'learn.keeps.latches': 'is held by a latch when it closes',
  'learn.keeps.lockable': 'can be locked',
  'learn.keeps.blankOutside': 'has nothing on the other side',
  'learn.lacks.leftOpen': 'cannot be left so that anybody comes in',
  'learn.lacks.locksItself': 'does not lock by itself when it closes',
  'learn.lacks.fromInside': 'cannot be locked without a key from inside',
  'learn.lacks.fromOutside': 'cannot be locked from outside with a key',
  'learn.lacks.privacy': 'gives no way in with a tool in need',
  'learn.lacks.deadBolt': 'has no dead bolt',
  'learn.lacks.egress': 'does not let out by one motion in every state',
  'learn.lacks.lockDown': 'cannot be locked from inside with a key',
  'learn.lacks.power': 'is not worked by power',
  'learn.lacks.keyless': 'has a key outside',
  'learn.lacks.latches': 'is not held by a latch when it closes',
  'learn.lacks.lockable': 'cannot be locked at all',
  'learn.lacks.blankOutside': 'is not blank on the other side',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof LEARNING_MESSAGES> {}
}
