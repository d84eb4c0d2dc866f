/** What the stage says: reasons, questions, findings. `{name}` is a parameter. */
export const HANGING_MESSAGES = {
  'ask.handFirst': 'The hand comes first: it says whether the knuckles stand outside.',
  'ask.sizeFirst': 'The size comes first.',
  'ask.massFirst': 'The mass comes first: what is the leaf made of, or what does it weigh?',
  'ask.leafConstruction': 'What is the leaf made of, or what does it weigh?',
  'ask.otherDevice': 'No butt hinge is listed for it: which other device shall carry it?',
  'ask.otherPattern': 'Which hinge pattern, or how many fewer hinges?',
  'ask.trim': 'How far does the trim stand out from the frame face?',
  'hanging.oldHeadGap':
    'Hinges were measured from the old leaf’s top, but not the gap over it: {gap} is taken. Measure it before cutting.',
  'hanging.height.surveyed': 'The frame’s recesses are {height} high.',
  'hanging.against.recess': 'the frame’s recesses are {height} high and would have to be recut',
  'hanging.against.misses': 'misses the frame’s hinges by up to {worst}',
  'hanging.count.surveyed': 'The frame has {count}.',
  'hanging.pattern.survey':
    'No pattern of this practice meets the frame’s hinges: cut to where the survey found them.',
  'hanging.pattern.surveyFits':
    'Cut to where the survey found them; “{pattern}” would meet them too.',
  'hanging.positions.survey': 'Where the frame’s hinges are, less the head gap of {head}.',
  'hanging.positions.chosenPattern': 'By the pattern “{pattern}”, not by the frame.',
  'hanging.patternMisses':
    '“{pattern}” misses the frame’s hinges by {worst}, more than the {ease} that can be eased. The leaf would not go on.',
  'hanging.concealed.shallow':
    'Cut the shallow recess first and try the plate in it: its depth alone decides how flush the hinge lies.',
  'hanging.concealed.backing':
    'Behind the recess of the frame there must be board and stud for its screws; look for screws of the lining where the cutter goes, and take them out first.',
  'hanging.mass': '{area} × {surface} ({construction}) = {body}, and {hardware} for hardware.',
  'hanging.mass.glass':
    '{area} × {surface} ({construction}) = {body}, glass {glass}, and {hardware} for hardware.',
  'hanging.use.passages': '{passages} passages a day; high from {high}, medium from {medium}.',
  'hanging.use.assumed': 'Not recorded; taken as usual in {practice} work.',
  'hanging.useUnknown': 'Use is not recorded and was taken as {use}.',
  'hanging.ratingUnknown':
    'Nobody has said whether it is fire rated. Hinges, gaps and closing depend on it.',
  'hanging.device.sliding': 'It slides.',
  'hanging.device.folding': 'Its leaves fold together to one side, hung from a track.',
  'hanging.clear.folded':
    '{frame} frame − {count} leaves of {thickness} folded together, and the gap at the jamb.',
  'hanging.gain.swingClear': 'Hinges that swing it clear of the opening give {clear}: {enough}.',
  'hanging.gain.wide': 'Opened to {angle}, it gives {clear}: {enough}.',
  'hanging.gain.thinner': 'A leaf of {thickness} gives {clear}: {enough}.',
  'hanging.gain.frame': 'Or a frame opening of {frame}.',
  'hanging.widest.wall':
    'The leaf or its handle ({handle} out) meets the wall {wall} beside the opening.',
  'hanging.widest.obstacle':
    'The leaf meets what stands {along} along the wall and {out} out from it.',
  'hanging.opensShort':
    'It opens to {angle} only, less than square: the way through is narrower than the clear width told.',
  'hanging.device.pool': 'A gate to a pool closes by itself: hinges with springs.',
  'hanging.device.doubleActing': 'It swings both ways.',
  'hanging.device.butt': 'Butt hinges carry a leaf of this mass and width.',
  'hanging.device.heavy':
    'At {mass} it is far above the {limit} that heavy butts carry; pivots let the floor carry it.',
  'hanging.against.springHeavy': 'Springs have no checking: a leaf of {mass} would slam.',
  'hanging.against.massBeyond': '{mass} is above the {limit} that they carry.',
  'hanging.against.tooHeavy': '{mass} is far above the {limit} that heavy butts carry.',
  'hanging.against.continuousRated': 'Only as listed on a rated frame.',
  'hanging.against.continuousGap': 'It takes a {gap} gap, so the leaf gets narrower.',
  'hanging.against.pivotFloor': 'The floor must take the bottom pivot.',
  'hanging.against.centreRated': 'Rated only if listed.',
  'hanging.against.centreSeal':
    'Seals are difficult on all four edges, and clear width is lost at the heel.',
  'hanging.against.steelRusts': 'Plated steel rusts outside.',
  'hanging.against.brassRated': 'Brass is not used on rated leaves.',
  'hanging.against.pinExposed':
    'The knuckles stand outside: a removable pin lets the leaf be taken off.',
  'hanging.against.lowerHinge': 'Below the {height} of the table.',
  'hanging.against.narrowHinge': 'Below the {exact} that it must bridge.',
  'hanging.against.fewer': 'Fewer than the {count} of the rule.',
  'hanging.metal.salt': 'Salt air.',
  'hanging.metal.weather': 'It stands in the weather.',
  'hanging.metal.brass': 'It stands in the weather, and brass is what its finish is of.',
  'hanging.metal.rated': 'Rated leaves take steel or stainless.',
  'hanging.metal.inside': 'Inside and dry.',
  'hanging.screws.acid': 'Oak and other acid timbers eat plain steel.',
  'hanging.screws.wood':
    'Timber jamb; at least one screw a hinge reaches the stud on heavy leaves.',
  'hanging.screws.bolts': 'What is bolted through cannot be unscrewed from the lane.',
  'hanging.screws.machine': 'Reinforced metal frame.',
  'hanging.pin.exposed': 'The knuckles stand outside a leaf that is locked against people.',
  'hanging.pin.inside': 'The knuckles stand inside.',
  'hanging.pin.unsecured': 'Not a secured opening.',
  'hanging.pin.securedUnknown': 'Nobody has said whether it is locked against people.',
  'hanging.securedUnknown':
    'The knuckles stand outside, and nobody has said whether the door is locked against people: if it is, the pins must not come out.',
  'hanging.pinExposed': 'The knuckles stand outside and the pins can be driven out.',
  'hanging.brassRated': 'Brass hinges are not used on rated leaves.',
  'hanging.height.table': 'Leaf {thickness} thick and {width} wide ({source}).',
  'hanging.heavy.use': 'High use.',
  'hanging.heavy.mass': '{mass}, from {limit}.',
  'hanging.heavy.width': '{width} wide, over {limit}, and thick.',
  'hanging.heavy.table': 'The table gives heavy weight at {thickness}.',
  'hanging.standard': '{mass}, neither heavy, wide nor in high use.',
  'hanging.standard.noMass':
    'Neither wide nor in high use; the mass is not known and was not checked.',
  'hanging.bearing.rated': 'Rated leaves take bearing hinges.',
  'hanging.bearing.closer': 'A closer works against friction.',
  'hanging.bearing.use': 'Use is {use}.',
  'hanging.bearing.heavy': 'A heavy leaf wants bearings, however seldom it is used.',
  'hanging.bearing.unknown': 'Nobody has said whether there is a closer; bearing hinges suit both.',
  'hanging.bearing.plain': 'Light use and no closer.',
  'hanging.plainBearing': 'Plain-bearing hinges stand against a closer or a rating.',
  'hanging.width.trim':
    '2 × ({thickness} − {setBack} set-back) + {clearance} past the trim = {exact}, made {width}.',
  'hanging.width.least':
    '2 × ({thickness} − {setBack} set-back) + {clearance} clearance = {exact}, made {width}.',
  'hanging.trimTooDeep':
    'The trim stands out {trim}; no made hinge is wide enough. A swing-clear or pivot hanging would be.',
  'hanging.noButt':
    'No butt hinge is listed for a leaf {thickness} thick, {width} wide and {mass}.',
  'hanging.count.height': '{count} for a leaf {height} high ({source}).',
  'hanging.count.half': '{count} on each half of a stable door.',
  'hanging.count.wide': 'One more: {width} wide, over {limit}.',
  'hanging.count.mass': 'One more: {mass}, above the {limit} its class carries.',
  'hanging.fewHinges': '{count} hinges where the rule gives {wanted}.',
  'hanging.pattern.steel':
    'The usual pattern for steel frames in {practice} work; the frame maker’s own decides.',
  'hanging.pattern.timber': 'The usual pattern for timber in {practice} work.',
  'hanging.pattern.unknown': 'The frame is not recorded; taken as timber in {practice} work.',
  'hanging.noRoom': '{count} hinges do not fit on a leaf {height} high with this pattern.',
  'hanging.positions.frame-head':
    'Top {to} {top} below the frame head, less the head gap of {head}; bottom {to} {bottom} above {bottomFrom}; the rest by equal clear gaps unless the pattern sets the second.',
  'hanging.positions.leaf-top':
    'Top {to} {top} below the top of the leaf; bottom {to} {bottom} above {bottomFrom}; the rest by equal clear gaps unless the pattern sets the second.',
  'hanging.pull':
    'A leaf of {mass} pulls at {half} from its hinges, held {distance} apart; shear {shear} on each of {count}.',
  'hanging.grade': '{mass} with {closer} counts as {graded}.',
  'hanging.grade.rated': 'Rated leaves take grade 13 at least.',
  'hanging.noGrade': 'Counted at {mass} it is above the highest hinge grade.',
  'hanging.intermediate': '{count} between top and bottom for a leaf {height} high.',
  'hanging.tooHeavy':
    'The leaf is {mass}; heavy butts carry about {limit}. Take pivots or a continuous hinge, or ask the maker.',
  'hanging.springHeavy': 'Spring hinges have no checking; a leaf of {mass} will slam.',
  'hanging.clear': '{frame} − {stop} stop − {reach} that the open leaf stands into the opening.',
  'hanging.clear.both': '{frame} − 2 × {reach} that each open leaf stands into the opening.',
  'hanging.recess.gauge': 'The hinge leaf is {gauge} in thick ({source}).',
  'hanging.device.foldingApart': 'It folds, two leaves and two to each side.',
  'hanging.device.use':
    '{passages} passages a day: from {from} a continuous hinge, which spreads the wear.',
  'hanging.device.narrow':
    'A narrow metal stile: a continuous hinge, or pivots, hold it along its height.',
  'hanging.device.cold':
    'Leaves of cold rooms stand on surface hinges that lift them as they open, clear of the floor, and draw them down onto their gasket.',
  'hanging.screws.cold': 'Bolted through the insulated skin to the maker’s blocking.',
  'hanging.device.gate':
    'A gate: T-hinges bolted through its ledges, or bands and hooks where it is heavy.',
  'hanging.device.rebated':
    'A rebated leaf: hinges drilled into leaf and frame, on the frame maker’s reference lines.',
  'hanging.strap': 'As made, nearest to half across {width} ({source}).',
  'hanging.count.low': '{count} on a leaf to {limit} high.',
  'hanging.count.room': '{count} on a room door to {limit}.',
  'hanging.count.rated': '{count} on a rated leaf.',
  'hanging.count.heavy': '{count}: the leaf is {mass}; two carry {limit}.',
  'hanging.drillInListed':
    'On a rated leaf drill-in hinges stand only as tested with leaf and frame.',
  'hanging.against.strapRated': 'Never on a rated leaf.',
  'hanging.against.strapCloser': 'They wear where a closer brings the gate to.',
  'hanging.against.drillInTimber': 'They are drilled into timber.',
  'hanging.against.drillInUse': 'Let-in hinges stand heavy use better.',
  'hanging.device.glass':
    'A leaf of glass: patch fittings or rails on a floor closer and top centre, or hinges for glass. The glass maker cuts for them.',
  'hanging.mass.lead': 'With {lead} of lead in the leaf.',
  'hanging.mass.glassAssumed':
    'Nobody recorded the glass: it is taken as {thickness} thick, all panes together.',
  'hanging.clear.rebated':
    '{frame} less the stops, 2 × {stop}: a rebated leaf opens before the frame.',
  'hanging.rebatedHinges':
    'A rebated leaf hangs on hinges for rebated leaves, drilled in: two on room doors, three when heavy or rated, on the frame maker’s reference lines.',
  'hanging.clear.mullion':
    'Each side: half of {frame} less the mullion’s {mullion}, − {reach} that the open leaf stands into it.',
  'hanging.clear.active':
    '{frame} − {reach} at the hinges − {second} of the closed leaf and its gap.',
  'hanging.clear.sliding':
    'The leaf slides clear of the opening; a pull left standing takes its own part off.',
  'hanging.clearShort':
    'Clear width {clear} is {short} short of {wanted}. Ways to gain it: swing-clear hinges, a wider frame, a thinner stop.',
  'hanging.heelGap': 'The heel gap is {gap}; the leaf needs {needed} to turn.',
  'hanging.lockEdge.copied': 'As the old leaf has it.',
  'hanging.lockEdge.square': 'Swinging past a square jamb needs {needed}; the gap is {gap}.',
  'hanging.lockEdge.bevelled':
    'Swinging past a square jamb needs {needed}, {by} more than the gap of {gap}: bevel the edge (usual {bevel}).',
  'hanging.widest': 'The trim stands out {trim}, the barrel centre {barrel}.',
  'hanging.width.angle':
    'With trim standing out {trim}, {width} is the narrowest that opens to {wanted}.',
  'hanging.corner': 'As {source}.',
  'hanging.concealedThin':
    'The leaf is {thickness} thick; a concealed hinge of this kind needs {least}.',
  'hanging.jambUnknown':
    'Jamb and backing must take a recess of {least}; their depth is not recorded.',
  'hanging.jambShallow':
    'The jamb gives {depth}; the frame-side recess needs {least} with its backing.',
  'hanging.closerTemplated':
    'The axis moves while the leaf opens: the closer must be templated for this hanging.',
  'hanging.concealedListed':
    'On a rated leaf concealed hinges stand only as listed with leaf and frame.',
  'hanging.continuousListed': 'On a rated frame a continuous hinge stands only as listed.',
  'hanging.centreListed': 'A centre-hung rated leaf stands only as listed.',
  'hanging.height.concealed': 'The height of its body; the leaf is {thickness} thick.',
  'hanging.count.concealed': '{count} carry {carried}; the leaf weighs {mass}.',
  'hanging.count.tall': '{count} on a leaf more than {limit} high.',
  'hanging.count.massUnknown': '{count} until the mass is known.',
  'hanging.recess.butt': 'The thickness of the hinge leaf ({source}).',
  'hanging.setBack.why': 'Left uncut behind the hinge on an edge {thickness} thick.',
  'hanging.recess.shallow':
    'The critical one: {up} high, {through} through the thickness, {deep} into the edge.',
  'hanging.recess.deep': '{deep} into the jamb; jamb and backing must give {jamb}.',
  'hanging.axisMoves':
    'Where the axis stands out of the pull face at 90°; it moves on the way there.',
  'hanging.springSlams':
    'Springs have no checking: a leaf of {mass} slams; they suit leaves to {limit}.',
  'hanging.springUnchecked':
    'Springs bring the leaf to without checking; where noise matters they are wrong.',
  'hanging.springAccessible':
    'An accessible leaf must not close from 70° in under 1.5 s; springs cannot be checked to that.',
  'hanging.continuous': 'Over the whole edge; its gap is {gap}, so the leaf is narrower.',
  'hanging.continuous.worn': 'Its screws bite along the whole jamb, between the old holes.',
  'hanging.device.hidden': 'Nothing is to be seen, and leaf, jamb and mass allow concealed hinges.',
  'hanging.device.hiddenPivot':
    'Nothing is to be seen, and concealed hinges do not do: it is hung on centre pivots.',
  'hanging.device.worn':
    'The frame’s screw holes no longer hold; a continuous hinge finds new ones along the jamb.',
  'hanging.against.knucklesSeen': 'Its knuckles are seen.',
  'hanging.against.screwsWorn': 'The frame’s screw holes no longer hold.',
  'hanging.against.concealedThin': 'The leaf is {thickness} thick; it needs {least}.',
  'hanging.against.concealedJamb': 'The jamb gives {depth}; it needs {least}.',
  'hanging.against.concealedRated': 'Rated only as listed with leaf and frame.',
  'hanging.against.concealedCloser': 'The closer must be templated for its moving axis.',
  'hanging.against.jambUnknown': 'Jamb and backing must give {least}; their depth is not recorded.',
  'hanging.against.concealedUse': 'Not for high use.',
  'hanging.against.springAccessible':
    'Springs cannot be checked to the closing time of an accessible leaf.',
  'hanging.against.springUnchecked': 'Where noise matters they are wrong: nothing checks them.',
  'hanging.against.pivotSeen': 'Its pivots are seen at head and foot.',
  'hanging.against.slab': 'The floor is {slab}: nothing is let into it without the maker’s detail.',
  'hanging.against.footByCloser': 'The floor closer is its foot.',
  'hanging.against.noHeadroom': 'The leaf must be lifted {lift} off its foot.',
  'hanging.against.clearShort': 'The wanted clear width is not reached.',
  'hanging.against.swingClearSeen': 'Cranked leaves show, are handed and cost more.',
  'hanging.against.wireTop': 'The top hinge is pulled most; a wire does not go through it.',
  'hanging.form.usual': 'Let in on both sides; nothing asks for the leaf to leave the opening.',
  'hanging.form.clear':
    'An ordinary butt leaves {usual} clear at 90°, this {clear}; {wanted} is wanted.',
  'hanging.openToUnknown': 'It shall open to {wanted}; what stands out beside it is not recorded.',
  'hanging.openToShort': 'It shall open to {wanted} and opens to {angle}.',
  'hanging.positions.set': 'Set on the drawing.',
  'hanging.setIgnored':
    '{count} hinges were set on the drawing; the leaf takes {wanted}, so the pattern holds.',
  'hanging.setOverlap': 'Hinges set on the drawing overlap or leave the leaf; the pattern holds.',
  'hanging.heel':
    '√({a}² + half the thickness²) − {a}; the heel is rounded to a radius of {radius}, or the frame coved.',
  'hanging.pull.pivot':
    'A leaf of {mass} pulls at {half} from its pivots, held {distance} apart; the foot carries {shear}.',
  'hanging.foot.floor': 'The floor carries it.',
  'hanging.foot.jamb': 'The floor is {slab}: a bracket on the foot of the jamb carries it.',
  'hanging.headPivot.lifts': 'There is room to lift the leaf {lift} off its foot.',
  'hanging.headPivot.retracts':
    'The pin draws back, so that the leaf comes out without being lifted {lift}.',
  'hanging.removal':
    'To take it out: prop the leaf, free the closer’s arm at its joint, draw the head pin, lower; two people or a lifter for a heavy leaf.',
  'hanging.slabUnknown':
    'What the floor is was not recorded; a foot let into it needs depth and nothing in the way.',
  'hanging.slabOccupied': 'The floor is {slab}: nothing is let into it without the maker’s detail.',
  'hanging.slabShallow': 'The floor gives {depth}; the case needs {needed}.',
  'hanging.pivotThreshold': 'The threshold must be cut around the foot, or made for it.',
  'hanging.wire': 'Hinge {at} of {count} passes the wire: not the top one, which is pulled most.',
  'hanging.wireTop': 'The wire goes through the top hinge, which is pulled most.',
  'hanging.longScrew':
    '{mass}, above {limit}: one screw of each hinge goes into what stands behind the jamb.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof HANGING_MESSAGES> {}
}
