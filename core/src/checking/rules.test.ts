import { inches, mm } from '../measure/index.js';
import { asDeclared, chosen, tried, UNKNOWN, type TriedRule } from '../testing/triedRule.js';

const rated = { rating: 45, closer: 'any' } as const;
const SPRING = chosen('hanging.device', 'spring-hinge');
const offset = chosen('hanging.device', 'offset-pivot');

const reading = (name: string, value: number | string) => ({
  id: name,
  name,
  value,
  how: 'tape' as const,
  at: '2026-01-02T08:00:00Z',
  by: 'x',
});
const OPENING = [
  reading('widthTop', inches(36)),
  reading('widthMiddle', inches(36)),
  reading('widthBottom', inches(36)),
  reading('heightHinge', inches(84)),
  reading('heightLock', inches(84)),
];
const HINGES = [
  ...OPENING,
  reading('hingeCount', 3),
  ...[5, 38, 72].map((below, at) => reading(`hinge${at + 1}`, inches(below))),
  reading('hingeHeight', inches(4.5)),
  reading('hingePoint', 'top-edge'),
  reading('hingeDatum', 'leaf-top'),
];

const RULES: Readonly<Record<string, TriedRule>> = {
  'checking.poolSwing': {
    found: { role: 'gate', from: 'Lane', to: 'Pool', hingeSide: 'left', swing: 'in' },
    not: { swing: 'out' },
    unknown: { swing: UNKNOWN },
  },
  'checking.garageStep': {
    practice: 'british',
    found: { from: 'Hall', to: 'Garage', rating: 30 },
    not: { thresholdHeight: mm(100) },
    unknown: { thresholdHeight: UNKNOWN },
    unknownToo: true,
  },
  'checking.threshold': {
    level: 'stop',
    found: { accessible: true, threshold: 'plain', thresholdHeight: inches(0.75) },
    not: { thresholdHeight: inches(0.5) },
    unknown: { thresholdHeight: UNKNOWN },
  },
  'checking.thresholdBevel': {
    found: { accessible: true, threshold: 'plain', thresholdHeight: inches(0.375) },
    not: { thresholdHeight: inches(0.25) },
    unknown: { thresholdHeight: UNKNOWN },
  },
  'checking.knob': {
    level: 'stop',
    found: { accessible: true, handle: 'knob' },
    not: { handle: 'lever' },
    unknown: { handle: UNKNOWN },
  },
  'checking.glassRated': {
    found: { ...rated, rating: 90, glassWidth: inches(12), glassHeight: inches(12) },
    not: { glassWidth: inches(10), glassHeight: inches(10) },
    unknown: { glassWidth: UNKNOWN },
  },
  'checking.holeRated': {
    found: { ...rated, leafHole: 'vent' },
    not: { leafHole: 'none' },
    unknown: { leafHole: UNKNOWN },
  },
  'checking.lead': {
    found: { leadThickness: mm(2) },
    not: { leadThickness: 0 },
    unknown: { leadThickness: UNKNOWN },
  },
  'checking.twoLeavesHand': {
    found: { twoLeaves: true },
    not: { twoLeaves: false },
    unknown: { twoLeaves: UNKNOWN },
  },
  'checking.sealSeen': {
    found: { nothingVisible: true, bottomSeal: 'drop-surface' },
    not: { bottomSeal: 'drop-full' },
    unknown: { bottomSeal: UNKNOWN },
  },
  'checking.noWire': {
    found: { role: 'server', lockUse: 'reader', access: 'reader', wireToLeaf: false },
    not: { wireToLeaf: true },
    unknown: { wireToLeaf: UNKNOWN },
  },
  'checking.ratedNoCloser': {
    found: { rating: 45, closer: 'none', role: 'stair' },
    not: { rating: 0 },
    unknown: { closer: UNKNOWN },
  },
  'protecting.viewerRated': {
    found: { ...rated, viewer: true },
    not: { rating: 0 },
    unknown: { viewer: UNKNOWN },
  },
  'finishing.wears': {
    found: { finish: 'oil rubbed bronze' },
    not: { finish: 'satin bronze' },
    unknown: { finish: UNKNOWN },
  },
  'finishing.bare': {
    found: { finish: 'bright brass', exterior: true },
    not: { exterior: false },
    unknown: { finish: UNKNOWN },
  },
  'finishing.corrosion': {
    found: { finish: 'satin stainless', exterior: true },
    not: { exterior: false },
    unknown: { exterior: UNKNOWN },
    practice: 'british',
  },
  'finishing.salt': {
    found: { finish: 'satin stainless', salt: true },
    not: { salt: false },
    unknown: { salt: UNKNOWN },
  },
  'sealing.plunger': {
    found: { bottomSeal: 'drop-surface' },
    not: { bottomSeal: 'sweep' },
    unknown: { bottomSeal: UNKNOWN },
  },
  'sealing.airUnder': {
    found: { airUnder: true, bottomSeal: 'sweep' },
    not: { bottomSeal: 'none' },
    unknown: { airUnder: UNKNOWN },
  },
  'sealing.airRated': {
    found: { ...rated, airUnder: true },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'sealing.corners': {
    found: { sound: 30, closer: 'any', choices: chosen('closing.device', 'parallel') },
    not: { choices: chosen('closing.device', 'track-pull') },
    unknown: { sound: UNKNOWN },
    practice: 'continental',
  },
  'sealing.closes': {
    found: { sound: 30, closer: 'none' },
    not: { closer: 'any' },
    unknown: { sound: UNKNOWN },
    practice: 'continental',
  },
  'sealing.force': {
    found: { sound: 30, closer: 'any' },
    not: { closer: 'none' },
    unknown: { sound: UNKNOWN },
    practice: 'continental',
  },
  // A usual lever meets the wall before the body does.
  'closing.bodyWall': {
    found: {
      closer: 'any',
      choices: chosen('closing.device', 'regular'),
      handleProjection: mm(5),
      sideWall: inches(1.2),
    },
    not: { sideWall: inches(2) },
    unknown: { sideWall: UNKNOWN },
  },
  'closing.headFace': {
    found: { closer: 'any', choices: chosen('closing.device', 'top-jamb'), frameFace: mm(30) },
    not: { frameFace: mm(150) },
    unknown: { frameFace: UNKNOWN },
  },
  'closing.transom': {
    found: { closer: 'any', transom: true, frameKind: 'stopless' },
    not: { transom: false },
    unknown: { transom: UNKNOWN },
  },
  'closing.ceiling': {
    found: { closer: 'any', choices: chosen('closing.device', 'regular'), ceilingAbove: mm(20) },
    not: { ceilingAbove: mm(200) },
    unknown: { ceilingAbove: UNKNOWN },
  },
  'closing.springRated': {
    found: { rating: 45, closer: 'any', choices: SPRING },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'securing.twoMotionsOut': {
    found: {
      egress: true,
      lockKind: 'sash',
      lockUse: 'store',
      choices: chosen('securing.function', 'sash-turn'),
    },
    not: { egress: false },
    unknown: { egress: UNKNOWN },
    practice: 'british',
  },
  'securing.lockedByHand': {
    found: { lockKind: 'deadbolt', lockUse: 'store' },
    not: { lockKind: 'mortise' },
    unknown: { lockKind: UNKNOWN },
  },
  'securing.delayed': {
    found: {
      role: 'final-exit',
      lockKind: 'rim-exit',
      lockUse: 'exit-only',
      choices: chosen('securing.function', 'exit-delayed'),
    },
    not: { choices: chosen('securing.function', 'exit-only') },
    unknown: { choices: undefined },
  },
  'powering.inrush': {
    found: {
      role: 'final-exit',
      lockKind: 'rim-exit',
      lockUse: 'reader',
      access: 'reader',
      choices: chosen('securing.function', 'exit-retraction'),
    },
    not: { choices: chosen('securing.function', 'exit-only') },
    unknown: { lockUse: UNKNOWN, lockKind: UNKNOWN, access: UNKNOWN, choices: undefined },
  },
  'powering.operatorMains': {
    found: { operator: true },
    not: { operator: false },
    unknown: { operator: UNKNOWN },
  },
  'powering.volts': {
    found: { role: 'server', lockUse: 'reader', access: 'reader', supplyVolts: 12 },
    not: { supplyVolts: 24 },
    unknown: { supplyVolts: UNKNOWN },
  },
  'powering.delayedWhere': {
    found: {
      role: 'final-exit',
      lockKind: 'rim-exit',
      lockUse: 'exit-only',
      occupancy: 'education',
      choices: chosen('securing.function', 'exit-delayed'),
    },
    not: { occupancy: 'business' },
    unknown: { occupancy: UNKNOWN },
  },
  'hanging.centreListed': {
    found: { ...rated, choices: chosen('hanging.device', 'centre-pivot') },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'hanging.concealedListed': {
    found: { ...rated, choices: chosen('hanging.device', 'concealed') },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'hanging.continuousListed': {
    found: { ...rated, choices: chosen('hanging.device', 'continuous') },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'hanging.pivotThreshold': {
    found: {
      choices: offset,
      threshold: 'plain',
      thresholdHeight: inches(0.5),
      slab: 'free',
    },
    not: { threshold: 'none' },
    unknown: { threshold: UNKNOWN },
  },
  'hanging.slabUnknown': {
    found: { choices: offset },
    not: { slab: 'free' },
    unknown: { slab: UNKNOWN },
    unknownToo: true,
  },
  'hanging.slabOccupied': {
    level: 'check',
    found: { choices: chosen('hanging.device', 'centre-pivot'), slab: 'heated' },
    not: { slab: 'free' },
    unknown: { slab: UNKNOWN },
  },
  'hanging.slabShallow': {
    found: {
      choices: chosen('hanging.device', 'centre-pivot'),
      closer: 'floor',
      slab: 'free',
      slabDepth: mm(20),
    },
    not: { slabDepth: mm(200) },
    unknown: { slabDepth: UNKNOWN },
  },
  'hanging.trimTooDeep': {
    found: { trimProjection: inches(6) },
    not: { trimProjection: inches(1) },
    unknown: { trimProjection: UNKNOWN },
  },
  'hanging.tooHeavy': {
    found: { leafMass: 260_000, choices: chosen('hanging.device', 'butt') },
    not: { leafMass: 60_000 },
    unknown: { leafMass: UNKNOWN },
  },
  'hanging.springAccessible': {
    level: 'stop',
    found: { accessible: true, closer: 'any', choices: SPRING },
    not: { accessible: false },
    unknown: { accessible: UNKNOWN },
  },
  'closing.movingAxis': {
    found: {
      closer: 'any',
      jambDepth: inches(5),
      choices: { ...chosen('hanging.device', 'concealed'), ...chosen('closing.device', 'regular') },
    },
    not: {
      choices: {
        ...chosen('hanging.device', 'concealed'),
        ...chosen('closing.device', 'track-pull'),
      },
    },
    unknown: { closer: UNKNOWN },
  },
  'closing.delayed': {
    found: { ...rated, delayed: true },
    not: { rating: 0 },
    unknown: { delayed: UNKNOWN },
  },
  'closing.time': {
    found: { accessible: true, closer: 'any' },
    not: { accessible: false },
    unknown: { accessible: UNKNOWN },
  },
  'closing.timeSpring': {
    found: { accessible: true, closer: 'any', choices: SPRING },
    not: { choices: {} },
    unknown: { accessible: UNKNOWN },
  },
  'closing.reveal': {
    found: { closer: 'any', choices: chosen('closing.device', 'parallel'), reveal: inches(12) },
    not: { reveal: inches(2) },
    unknown: { reveal: UNKNOWN },
  },
  'closing.heldRated': {
    found: { ...rated, holdOpen: true, choices: chosen('closing.holdOpen', 'kick-down') },
    not: { choices: chosen('closing.holdOpen', 'magnet') },
    unknown: { rating: UNKNOWN },
  },
  'hanging.springUnchecked': {
    found: { choices: SPRING, leafMass: 20_000 },
    not: { leafMass: 90_000 },
    unknown: { leafMass: UNKNOWN, leafConstruction: UNKNOWN },
    unknownToo: true,
  },
  'hanging.springSlams': {
    found: { choices: SPRING, leafMass: 90_000 },
    not: { leafMass: 20_000 },
    unknown: { leafMass: UNKNOWN, leafConstruction: UNKNOWN },
  },
  'hanging.jambShallow': {
    found: { choices: chosen('hanging.device', 'concealed'), jambDepth: inches(1) },
    not: { jambDepth: inches(5) },
    unknown: { jambDepth: UNKNOWN },
  },
  'hanging.jambUnknown': {
    found: { choices: chosen('hanging.device', 'concealed') },
    not: { jambDepth: inches(5) },
    unknown: { jambDepth: UNKNOWN },
    unknownToo: true,
  },
  'hanging.concealedThin': {
    found: { choices: chosen('hanging.device', 'concealed'), leafThickness: inches(1) },
    not: { leafThickness: inches(1.75) },
    unknown: { leafThickness: UNKNOWN },
  },
  'hanging.closerTemplated': {
    found: { choices: chosen('hanging.device', 'concealed'), closer: 'any' },
    not: { closer: 'none' },
    unknown: { closer: UNKNOWN },
  },
  'hanging.plainBearing': {
    level: 'stop',
    found: { ...rated, choices: chosen('hanging.bearing', 'plain') },
    not: { rating: 0, closer: 'none' },
    unknown: { rating: UNKNOWN, closer: UNKNOWN },
  },
  'hanging.wireTop': {
    found: { wireToLeaf: true, choices: chosen('hanging.wireHinge', 1) },
    not: { choices: chosen('hanging.wireHinge', 2) },
    unknown: { wireToLeaf: UNKNOWN },
  },
  'hanging.rebatedHinges': {
    found: { leafEdge: 'rebated', choices: chosen('hanging.device', 'butt') },
    not: { leafEdge: 'flush' },
    unknown: { leafEdge: UNKNOWN },
    practice: 'continental',
  },
  'securing.glass': {
    found: { leafConstruction: 'glass', lockKind: 'patch' },
    not: { lockKind: 'none' },
    unknown: { lockKind: UNKNOWN },
  },
  'securing.astragalExit': {
    found: {
      kind: 'pair',
      lockKind: 'rods-surface',
      lockUse: 'exit-only',
      meetingEdge: 'astragal',
    },
    not: { meetingEdge: 'square' },
    unknown: { meetingEdge: UNKNOWN },
  },
  'securing.boredThin': {
    level: 'stop',
    found: { lockKind: 'cylindrical', lockUse: 'office', leafThickness: inches(1.25) },
    not: { leafThickness: inches(1.75) },
    unknown: { leafThickness: UNKNOWN },
  },
  'securing.boredThick': {
    found: { lockKind: 'cylindrical', lockUse: 'office', leafThickness: inches(2.5) },
    not: { leafThickness: inches(1.75) },
    unknown: { leafThickness: UNKNOWN },
  },
  'securing.noLatch': {
    found: { ...rated, lockKind: 'deadbolt', lockUse: 'store' },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'securing.fireExit': {
    found: { ...rated, lockKind: 'rim-exit', lockUse: 'exit-only' },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'powering.noSwitch': {
    found: { role: 'server', lockUse: 'reader', access: 'none' },
    not: { access: 'reader' },
    unknown: { access: UNKNOWN },
  },
  'powering.nothingToRelease': {
    found: { lockUse: 'store', access: 'keypad' },
    not: { access: 'none' },
    unknown: { access: UNKNOWN },
  },
  'powering.noAlarm': {
    found: { ...rated, holdOpen: true, alarmReleases: false },
    not: { alarmReleases: true },
    unknown: { alarmReleases: UNKNOWN },
  },
  'powering.alarmUnknown': {
    found: { ...rated, holdOpen: true },
    not: { alarmReleases: true },
    unknown: { alarmReleases: UNKNOWN },
    unknownToo: true,
  },
  'powering.noWire': {
    found: { role: 'server', lockUse: 'reader', access: 'reader', cableRun: 2000 },
    not: { cableRun: 20 },
    unknown: { cableRun: UNKNOWN },
  },
  'protecting.label': {
    level: 'check',
    found: { ...rated, kickPlate: inches(34) },
    not: { kickPlate: inches(16) },
    unknown: { rating: UNKNOWN },
  },
  'sizing.ratedUndercut': {
    found: { ...rated, undercut: inches(1) },
    not: { undercut: inches(0.625) },
    unknown: { rating: UNKNOWN },
  },
  'hanging.opensShort': {
    found: { sideWall: mm(20) },
    not: { sideWall: mm(300) },
    unknown: { sideWall: UNKNOWN },
  },
  'hanging.openToUnknown': {
    found: { openTo: 120 },
    not: { trimProjection: mm(5) },
    unknown: { openTo: UNKNOWN },
  },
  'hanging.openToShort': {
    found: { openTo: 170, sideWall: mm(100) },
    not: { sideWall: mm(2000) },
    unknown: { openTo: UNKNOWN },
  },
  'hanging.springHeavy': {
    found: {
      kind: 'double-acting',
      leafMass: 80_000,
      choices: chosen('hanging.device', 'double-acting-spring'),
    },
    not: { leafMass: 15_000 },
    unknown: { leafMass: UNKNOWN, leafConstruction: UNKNOWN },
  },
  'hanging.ratingUnknown': {
    found: { rating: UNKNOWN },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
    unknownToo: true,
  },
  'hanging.brassRated': {
    found: { ...rated, choices: chosen('hanging.metal', 'brass') },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'hanging.pinExposed': {
    found: {
      exterior: true,
      secured: true,
      swing: 'out',
      choices: chosen('hanging.pin', 'removable'),
    },
    not: { swing: 'in' },
    unknown: { secured: UNKNOWN, exterior: UNKNOWN },
  },
  'hanging.fewHinges': {
    level: 'check',
    found: { choices: chosen('hanging.count', 2) },
    not: { choices: chosen('hanging.count', 3) },
    unknown: { frameHeight: UNKNOWN },
  },
  'hanging.noButt': {
    found: { leafThickness: inches(4) },
    not: { leafThickness: inches(1.75) },
    unknown: { leafThickness: UNKNOWN },
  },
  'sizing.impossible': {
    found: { frameWidth: inches(900) },
    not: { frameWidth: inches(40) },
    unknown: { frameWidth: UNKNOWN },
  },
  'sizing.gapNegative': {
    found: { leafWidth: inches(37) },
    not: { leafWidth: inches(35.75) },
    unknown: { leafWidth: UNKNOWN },
  },
  'sizing.ratedGap': {
    found: { ...rated, headGap: inches(0.25) },
    not: { headGap: inches(0.125) },
    unknown: { rating: UNKNOWN },
  },
  'securing.opposite': {
    found: { kind: 'double-egress', lockKind: 'mortise', lockUse: 'passage' },
    not: { lockKind: 'rods-surface' },
    unknown: { lockKind: UNKNOWN },
  },
  'securing.doubleKeyed': {
    found: {
      lockKind: 'deadbolt',
      lockUse: 'store',
      choices: chosen('securing.function', 'deadbolt-double'),
    },
    not: { choices: chosen('securing.function', 'deadbolt-single') },
    unknown: { choices: undefined },
  },
  'securing.traps': {
    level: 'stop',
    found: {
      lockKind: 'deadbolt',
      lockUse: 'store',
      choices: chosen('securing.function', 'deadbolt-double'),
    },
    not: { choices: chosen('securing.function', 'deadbolt-single') },
    unknown: { choices: undefined },
  },
  'securing.noLatchTested': {
    found: { ...rated, lockKind: 'deadbolt', lockUse: 'store' },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
    practice: 'british',
  },
  'securing.secondLockOut': {
    found: { egress: true, lockKind: 'cylindrical', lockUse: 'store', deadBolt: true },
    not: { egress: false },
    unknown: { deadBolt: UNKNOWN },
  },
  'securing.slips': {
    found: {
      lockKind: 'night-latch',
      lockUse: 'store',
      choices: chosen('securing.function', 'rim-night-latch'),
    },
    not: { lockUse: 'passage' },
    unknown: { lockUse: UNKNOWN },
    practice: 'british',
  },
  'securing.escapeBoth': {
    found: {
      occupants: 50,
      hingeSide: 'left',
      swing: 'out',
      lockKind: 'rim-exit',
      lockUse: 'exit-only',
      egress: true,
      escape: 'both',
      from: 'Hall',
      to: 'Hall 2',
    },
    not: { lockKind: 'mortise' },
    unknown: { escape: UNKNOWN },
  },
  'checking.twoLeaves': {
    found: { twoLeaves: true, jambDepth: inches(3) },
    not: { jambDepth: inches(9) },
    unknown: { jambDepth: UNKNOWN },
  },
  'protecting.smooth': {
    found: {
      accessible: true,
      leafConstruction: 'timber-panelled-hardwood',
      bottomRail: inches(8),
      kickPlate: 0,
    },
    not: { bottomRail: inches(10) },
    unknown: { bottomRail: UNKNOWN },
  },
  'finishing.none': {
    found: { finish: 'zinc', kickPlate: inches(10) },
    not: { finish: 'satin chrome' },
    unknown: { finish: UNKNOWN },
  },
  'finishing.outside': {
    found: { exterior: true, finish: 'satin chrome', choices: chosen('hanging.metal', 'steel') },
    not: { choices: chosen('hanging.metal', 'stainless') },
    unknown: { exterior: UNKNOWN },
  },
  'sealing.dropShort': {
    found: { bottomSeal: 'drop-surface', undercut: inches(1) },
    not: { undercut: inches(0.25) },
    unknown: { bottomSeal: UNKNOWN },
  },
  'sealing.soundFloor': {
    found: { sound: 30, floorTexture: 'carpet' },
    not: { threshold: 'plain', thresholdHeight: mm(5) },
    unknown: { floorTexture: UNKNOWN },
    practice: 'continental',
  },
  'sealing.soundLeaf': {
    level: 'check',
    found: { sound: 40, leafSound: 35 },
    not: { leafSound: 45 },
    unknown: { sound: UNKNOWN },
    practice: 'continental',
  },
  'hanging.securedUnknown': {
    found: { swing: 'out' },
    not: { swing: 'in' },
    unknown: { swing: UNKNOWN },
  },
  'hanging.oldHeadGap': {
    found: { readings: HINGES },
    not: { readings: [...HINGES, reading('headGapNow', mm(3))] },
    unknown: { readings: [] },
  },
  'sizing.trimUnknown': {
    found: { readings: OPENING, leafConstruction: UNKNOWN },
    not: { leafConstruction: 'timber-stave' },
    unknown: { readings: [] },
  },
  'handing.contradictionAll': {
    found: {
      hingeSide: undefined,
      swing: undefined,
      observations: [
        { stood: 'outside', hinges: 'left', knuckles: 'seen' },
        { stood: 'outside', hinges: 'left', knuckles: 'seen' },
        { stood: 'outside', hinges: 'right', knuckles: 'seen' },
        { stood: 'outside', hinges: 'right', knuckles: 'seen' },
      ],
    },
    not: { observations: [{ stood: 'outside', hinges: 'left', knuckles: 'seen' }] },
    unknown: { observations: [] },
  },
  // Three of four agree: the fourth is named.
  'handing.contradiction': {
    found: {
      hingeSide: undefined,
      swing: undefined,
      observations: [
        { stood: 'outside', hinges: 'left', knuckles: 'seen' },
        { stood: 'outside', hinges: 'left', knuckles: 'seen' },
        { stood: 'outside', hinges: 'right', knuckles: 'seen' },
      ],
    },
    not: { observations: [{ stood: 'outside', hinges: 'left', knuckles: 'seen' }] },
    unknown: { observations: [] },
  },
  'checking.jointAssumed': {
    found: {
      leafConstruction: 'timber-panelled-hardwood',
      lockKind: 'mortise',
      stileWidth: inches(5),
    },
    not: { lockKind: 'none' },
    // Rails that nobody recorded are assumed: that is what it says.
    unknown: { midRail: UNKNOWN },
    unknownToo: true,
  },
  'checking.ratedNoCloserWhere': {
    found: { role: 'patient-room', rating: 20, closer: 'none' },
    not: { closer: 'any' },
    unknown: { rating: UNKNOWN },
  },
  'sealing.soundShort': {
    level: 'check',
    found: { leafConstruction: 'timber-particle', sound: 35, leafSound: 40, bottomSeal: 'none' },
    not: { bottomSeal: 'drop-half' },
    unknown: { leafSound: UNKNOWN },
  },
};

describe('a rule', () => {
  it.each(Object.entries(RULES))(
    '%s is found where it is so, not where it just is not, and not of what is unknown',
    (code, rule) => expect(tried(code, rule)).toEqual(asDeclared(code, rule)),
  );
});
