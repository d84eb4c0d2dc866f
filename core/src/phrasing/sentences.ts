import { HANGING_SENTENCES } from './hangingSentences.js';
import { SECURING_SENTENCES } from './securingSentences.js';

/** The sentence for every reason, question, finding, caution and fault code; `{name}` is a parameter. */
export const SENTENCES: Record<string, string> = {
  ...HANGING_SENTENCES,
  ...SECURING_SENTENCES,
  'chosen.because': 'Chosen because: {reason}',
  'choice.notTaken':
    'What was chosen for {decision} (“{reason}”) is none of what this opening takes; what stands here is derived. Choose anew, or take the choice back.',
  'choice.nothing':
    'Something was chosen for “{key}” (“{reason}”), which is not decided for this opening. Take the choice back if it is no longer meant.',
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
  'file.name': 'The project’s name must be text.',
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
  'checking.overlap':
    '{a} and {b} want the same place: they overlap by {across} × {up} × {through}.',
  'checking.thin': 'Only {by} is left between {a} and {b}; {wanted} is wanted.',
  'checking.under': '{a} lies where {b} does: {across} × {up} in common.',
  'checking.void': '{a} comes onto {b} by {by}: there is nothing to hold it.',
  'checking.joint': '{a} cuts {b} by {across} × {up} × {through}.',
  'checking.skin': '{a} leaves only {by} of the leaf behind it; {wanted} is wanted.',
  'checking.beyond': '{a} reaches {by} out of the leaf.',
  'checking.noBlocking':
    '{a} is fixed on a core without blocking: through-bolts, or blocking from the leaf maker.',
  'checking.blockingUnknown':
    '{a} is fixed on the face; whether the core has blocking is not recorded.',
};
