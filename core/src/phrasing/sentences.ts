import { SECURING_SENTENCES } from './securingSentences.js';

/** The sentence for every reason, question, finding, caution and fault code; `{name}` is a parameter. */
export const SENTENCES: Record<string, string> = {
  ...SECURING_SENTENCES,
  'chosen.because': 'Chosen because: {reason}',

  'length.empty': 'Type a length.',
  'length.negative': 'A length cannot be negative: “{text}”.',
  'length.denominator':
    'The fraction {text} is not in halves, quarters, eighths, sixteenths, thirty-seconds or sixty-fourths.',
  'length.inchesOverTwelve': 'In “{text}” the inches reach a whole foot; carry them into the feet.',
  'length.comma':
    'A comma is not read in inches: “{text}”. Write a point or a fraction, or add mm.',
  'length.tooLong': '“{text}” is longer than a kilometre.',
  'length.unreadable': '“{text}” is not a length. Write it like 35 3/4, 2-11 3/4, 908 or 0.908 m.',
  'size.unreadable': '“{text}” is not a size. Write it like 3070, 3-0 x 7-10 or 910 x 2040.',
  'quantity.unreadable': '“{text}” is not a {quantity}.',
  'quantity.negative': '“{text}” cannot be negative.',

  'field.needed': '{field} cannot be empty.',
  'field.unknown': '{field} cannot be left unknown.',
  'field.tooLong': '{field} may have at most {most} characters.',
  'field.count': '“{text}” is not a whole number.',
  'field.minutes':
    '“{text}” is not a rating. Write it like 90, 90 min, 1 1/2 hr, FD30S, EI30 or none.',
  'field.yesNo': '“{text}” is neither yes nor no.',
  'field.choice': '“{text}” is none of: {options}.',
  'column.hand':
    '“{text}” does not fix a hand: schools mean opposite things by it. Write LH, RH, LHR or RHR, or record hinge side and swing.',
  'column.unknown': 'There is no column “{column}”.',
  'list.noMark': 'The row has no mark, so no opening answers to it.',
  'list.repeated': 'The mark {mark} stands in row {row} already.',
  'building.shape': 'A building has storeys and rooms, each room with a name of its own.',
  'building.repeated': 'A name stands twice: {name}.',
  'practice.shape':
    'A practice of one’s own needs a name, a shipped practice it starts from, and changes.',
  'practice.value':
    'The value “{name}” of the practice cannot be used, or says not where it comes from.',
  'facts.notObject': 'An opening’s facts are one object.',
  'facts.unknownField': '“{field}” is not a fact that Riegel keeps.',
  'facts.value': 'The value of “{field}” cannot be used.',
  'file.json': 'This is not JSON: {detail}.',
  'file.notObject':
    'A project file is one JSON object with a name, a practice and a list of openings.',
  'file.format': 'format must be "riegel-project".',
  'file.version': 'Version {version} of the file is not known; this Riegel reads version 1.',
  'file.practice': '“{practice}” is none of the practices: {known}.',
  'file.openings': 'there must be a list “openings”.',
  'file.openingNotObject': 'an opening is a JSON object.',
  'file.noMark': 'it has no mark.',
  'file.unknownKey': '“{key}” is not known.',
  'file.notValue': '“{key}” must be a text, a number or yes/no.',
  'file.observations':
    'each observation needs where one stood and what was seen (see docs/project-file.md).',
  'file.readings':
    'each reading needs what was read, a value or why it was skipped, how, by whom and when.',
  'file.choices': 'each choice needs a value and a reason.',
  'file.written': 'each line needs a stage, a whole quantity and a description.',
  'file.none': 'each stage left without hardware needs a reason.',
  'file.hingePositions': 'hinges set by hand are lengths in ticks, by leaf.',
  'file.tested': 'a test names its function, who tested when, and each step as ok or fault.',
  'file.how': 'each figure is either given or measured.',

  'survey.question.size':
    '{value} is unusual here; {least} to {most} would be expected. Is it right?',
  'survey.question.middle':
    'The middle ({middle}) is more than an inch off both the top ({top}) and the bottom ({bottom}). Measure again?',
  'survey.question.heights':
    'Hinge side {hinge}, lock side {lock}: that is far out of level. Measure again?',
  'survey.question.diagonal':
    'Width and height give a diagonal near {square}. Was the tape in the corners?',
  'survey.question.leafLarger':
    'The leaf ({leaf}) would not go into its frame ({frame}). Measure again?',
  'survey.question.leafSmaller': 'That leaves {gap} between leaf and frame. Is it right?',
  'survey.question.hingeOrder':
    'Hinge {hinge} would overlap or pass hinge {other} at {value}. Are they counted from the top?',
  'survey.question.hingeBelow': 'That is below the bottom of a leaf {leaf} high.',
  'survey.question.strike':
    'Lock at {lock}, strike at {strike}: the bolt would not meet it. Are both to their middle?',

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

  'sizing.thickness.practice': 'The usual thickness in {practice} work.',
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
    'The usual gap, and {gain} for what the timber gains in damp: {across} across the grain × {rate} × {change} % ({source}).',
  'sizing.lining': '{wall} wall and {board} for the board’s edge ({source}).',
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
  'ask.hingeSide': 'Standing outside, on which hand are the hinges?',
  'ask.swing': 'Does it swing in (away from a person outside) or out?',
  'ask.active': 'Which leaf opens first, seen from outside?',
  'ask.doubleEgress': 'From outside, which leaf comes towards you: left or right?',
  'ask.slideTo': 'Seen from outside, to which side does it slide?',
  'ask.handAgain':
    'Look again: standing outside, on which hand are the hinges, and does it swing in or out?',
  'ask.handFirst': 'The hand comes first: it says whether the knuckles stand outside.',
  'ask.sizeFirst': 'The size comes first.',
  'ask.massFirst': 'The mass comes first: what is the leaf made of, or what does it weigh?',
  'ask.leafConstruction': 'What is the leaf made of, or what does it weigh?',
  'ask.otherDevice': 'No butt hinge is listed for it: which other device shall carry it?',
  'ask.otherPattern': 'Which hinge pattern, or how many fewer hinges?',
  'ask.trim': 'How far does the trim stand out from the frame face?',

  'outside.use':
    '{room} ({use}) is the more public side of {other} ({otherUse}): the door is locked against people there.',
  'outside.street': '{room} is the street side.',
  'outside.closet': 'One enters {other} from {room}.',
  'outside.corridor': '{room} is the more public side.',
  'outside.first':
    'Neither room is more public, so the room named first; say so if the key is on the other side.',

  'handing.seen': 'From outside the hinges are on the {side} and it swings {swing}.',
  'handing.names':
    '{bevel}; back to the jamb it swings {jamb}; seen from the knuckle side the hinges are on the {knuckle}.',
  'handing.knuckles': '{bevel}: the knuckles show on the side it swings to.',
  'handing.closer.regular': 'It swings in, so a closer inside is on the pull side: regular arm.',
  'handing.closer.reverse':
    'It swings out, so a closer inside is on the push side: parallel arm or top jamb.',
  'handing.doubleActing': 'It swings both ways, so it has a pivot side and no hand.',
  'handing.doubleEgress':
    'Each leaf is handed from its own pull side; each person pushes the leaf on their {pushed}.',
  'handing.possible': 'What is known leaves {hands}.',
  'handing.contradiction': 'The observations contradict each other. Leaving one out: {culprits}.',
  'handing.contradictionAll': 'The observations contradict the recorded hinge side or swing.',

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
  'hanging.gain.wide':
    'Opened further than 90°, as far as it goes up to 110°, it gives {clear}: {enough}.',
  'hanging.gain.thinner': 'A leaf a fifth thinner gives {clear}: {enough}.',
  'hanging.gain.frame': 'Or a frame opening of {frame}.',
  'hanging.widest.wall':
    'The leaf or its handle ({handle} out) meets the wall {wall} beside the opening.',
  'hanging.widest.obstacle':
    'The leaf meets what stands {along} along the wall and {out} out from it.',
  'hanging.opensShort':
    'It opens to {angle} only, less than square: the way through is narrower than the clear width told.',
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
  'hanging.metal.rated': 'Rated leaves take steel or stainless.',
  'hanging.metal.inside': 'Inside and dry.',
  'hanging.screws.acid': 'Oak and other acid timbers eat plain steel.',
  'hanging.screws.wood':
    'Timber jamb; at least one screw a hinge reaches the stud on heavy leaves.',
  'hanging.screws.machine': 'Reinforced metal frame.',
  'hanging.pin.exposed': 'The knuckles stand outside a leaf that is locked against people.',
  'hanging.pin.inside': 'The knuckles stand inside.',
  'hanging.pin.unsecured': 'Nobody is locked out by it.',
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
    '{mass} × g × {half} / {distance} between outer hinges; shear {shear} on each of {count}.',
  'hanging.grade': '{mass} with {closer} counts as {graded}.',
  'hanging.grade.rated': 'Rated leaves take grade 13 at least.',
  'hanging.noGrade': 'Counted at {mass} it is above the highest hinge grade.',
  'hanging.intermediate': '{count} between top and bottom for a leaf {height} high.',
  'hanging.tooHeavy':
    'The leaf is {mass}; heavy butts carry about {limit}. Take pivots or a continuous hinge, or ask the maker.',
  'hanging.springHeavy': 'Spring hinges have no checking; a leaf of {mass} will slam.',
  'hanging.clear': '{frame} − {stop} stop − {reach} that the open leaf stands into the opening.',
  'hanging.clear.both': '{frame} − 2 × {reach} that each open leaf stands into the opening.',
  'hanging.clear.active':
    '{frame} − {reach} at the hinges − {second} of the closed leaf and its gap.',
  'hanging.clear.sliding':
    'The leaf slides clear of the opening; a pull left standing takes its own part off.',
  'hanging.clearShort':
    'Clear width {clear} is {short} short of {wanted}. Ways to gain it: swing-clear hinges, a wider frame, a thinner stop.',
  'hanging.heelGap': 'The heel gap is {gap}; the leaf needs {needed} to turn.',
  'hanging.lockEdge.square': 'Swinging past a square jamb needs {needed}; the gap is {gap}.',
  'hanging.lockEdge.bevelled':
    'Swinging past a square jamb needs {needed}, {by} more than the gap of {gap}: bevel the edge (usual {bevel}).',
  'hanging.widest': 'The trim stands out {trim}, the barrel centre {barrel}.',

  'care.aid':
    'Riegel is an aid to preparation. The adopted code, the authority having jurisdiction, the listing and the makers’ instructions decide; have a licensed professional confirm.',
  'care.heavy':
    'The leaf is {mass}: two people or a lifter above {limit}. Prop it before pins or pivots come out, and keep fingers from the hinge side and from under it.',
  'care.massUnknown':
    'The leaf’s mass is not known. Treat it as heavy: above {limit} two people or a lifter.',
  'care.anyLeaf':
    'Leaves are heavy: above {limit} two people or a lifter. Prop them before pins or pivots come out, and keep fingers from the hinge side and from under the leaf.',
  'care.anyRated':
    'Rated openings: no cut, hole or trim beyond the listing, on leaf or frame; keep labels readable and never paint over them.',
  'care.asbestos':
    'Old rated leaves and panels may hold asbestos: do not saw, plane or drill them before they were tested.',
  'care.rated':
    'Rated {minutes} minutes: no cut, hole or trim beyond the listing, on leaf or frame; keep labels readable and never paint over them.',
  'care.wayOut':
    'Never leave a person with only a key, a tool or electric power between them and the exit.',
  'care.oldPaint':
    'Old paint may hold lead: test before sanding. Old rated leaves and panels may hold asbestos: do not cut them; have them tested.',
  'care.outOfUse':
    'While a door is out of use in an occupied building keep the way out and the fire separation, or post a watch.',
  'care.glass': 'Glass leaf: gloves, edge protection, no metal contact.',
  'care.pivot':
    'Taking the leaf off its pivots: prop it, part the closer at the arm joint, free the top pivot, lower it.',
  'care.cutting':
    'When cutting: eyes, ears and lungs protected, the leaf clamped, cut away from the supporting hand, drill from both faces.',
  'catalogue.shape':
    'A catalogue is a list of products, each with an id, a maker, a model and a type.',
  'catalogue.value': 'The product {product} has something in “{field}” that cannot be used.',
  'catalogue.repeated': 'Two products have the id {product}.',
  'catalogue.columns': 'The first row must name the columns; {needed} are needed.',
  'catalogue.gone':
    'The product “{product}” is no longer in the catalogue; the decision is generic again.',
  'catalogue.lacks.type': 'It is of another type than is decided.',
  'catalogue.lacks.height': 'It is {is} high; {wanted} is decided.',
  'catalogue.lacks.width': 'It is {is} wide open; {wanted} is needed.',
  'catalogue.lacks.trait': 'It is not made as: {trait}.',
  'catalogue.lacks.metal': 'It is not made in {metal}.',
  'catalogue.lacks.corner': 'It is not made with {corner}.',
  'catalogue.lacks.mass': 'It carries {is}; the leaf weighs {wanted}.',
  'catalogue.lacks.grade': 'It is of EN 1935 grade {is}; {wanted} is needed.',
  'catalogue.lacks.leaf': 'The leaf is {is} thick; it needs {wanted}.',
  'catalogue.lacks.jamb': 'The jamb has {is}; it needs {wanted}.',
  'catalogue.lacks.length': 'It is made to {is}; {wanted} is needed.',
  'catalogue.lacks.listed': 'It is listed to {is} min; the leaf is rated {wanted} min.',
  'catalogue.lacks.opens': 'It opens to {is}; {wanted} is wanted.',
  'catalogue.lacks.drop': 'It drops {is}; the gap under the leaf is {wanted}.',
  'catalogue.lacks.templated': 'It is not templated for {device}.',
  'checking.overlap':
    '{a} and {b} want the same place: they overlap by {across} × {up} × {through}.',
  'checking.thin': 'Only {by} is left between {a} and {b}; {wanted} is wanted.',
  'checking.under': '{a} lies where {b} does: {across} × {up} in common.',
  'checking.void': '{a} comes onto {b} by {by}: there is nothing to hold it.',
  'checking.joint': '{a} cuts {b} by {across} × {up} × {through}.',
  'checking.skin': '{a} leaves only {by} of the leaf behind it; {wanted} is wanted.',
  'checking.beyond': '{a} reaches {by} out of the leaf.',
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
    '{mass} × g × {half} ÷ {distance} between foot and head; the foot carries {shear}.',
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
  'ways.rule.foot': 'Only offset pivots stand on the jamb.',
  'ways.rule.frame':
    'Centre-hung leaves turn in a frame without stops; all others close against a rebate or stops.',
  'ways.rule.pivotCloser': 'A floor or head closer turns the leaf by its pivot.',
  'ways.rule.centreCloser':
    'On centre pivots the closer is the pivot: no arm reaches over the heel.',
  'ways.rule.spring': 'Springs are the closer already.',
  'ways.rule.footCloser': 'A floor closer is the foot itself.',
  'ways.hang': 'Hung on {to}, no longer {from}: both edges are prepared anew.',
  'ways.frame.rebated': 'The frame becomes rebated, or gets stops.',
  'ways.frame.stopless': 'The frame loses its stops.',
  'ways.strike': 'The strike moves with the rebate: it is cut anew.',
  'ways.seals.ordinary': 'Seals at head and jambs become ordinary ones, against the stops.',
  'ways.seals.difficult': 'Without stops, seals are difficult on all four edges.',
  'ways.foot.jamb': 'The foot stands on the jamb: nothing is let into floor or bottom rail.',
  'ways.foot.floor': 'The foot stands on the floor.',
  'ways.offset.full':
    'A full-mortised drop seal fits too, once the foot stands on the jamb or is short.',
  'checking.noBlocking':
    '{a} is fixed on a core without blocking: through-bolts, or blocking from the leaf maker.',
  'checking.blockingUnknown':
    '{a} is fixed on the face; whether the core has blocking is not recorded.',
  'ways.closer': 'Closer: {from} → {to}.',
  'ways.seal': 'Bottom: {from} → {to}.',
  'ways.threshold': 'A threshold after all, with its step or ramp.',
  'ways.lock': 'Lock: {from} → {to}.',
  'ways.actuator':
    'The drop seal’s plunger needs an actuator plate on the jamb: it rubs along an arc.',
  'ways.ask.leaf': 'Leaf maker: agree to all {count} recesses, with blocking behind each.',
  'ways.ask.template': 'Closer maker: a template for this hanging’s moving axis.',
  'ways.ask.seal': 'Leaf maker: a groove along the bottom rail for the drop seal.',
  'ways.ask.floor': 'Floor: depth for the case, nothing in the way, and who sets it.',
  'ways.ask.closer': 'Leaf maker: the top rail takes the closer’s case.',
  'ways.ask.springs': 'Hinge maker: what mass and width the springs bring to without slamming.',
};
