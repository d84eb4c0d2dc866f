/** What is said beside the stages: faults, questions of the survey, checks, cautions. `{name}` is a parameter. */
export const COMMON_MESSAGES = {
  'chosen.because': 'Chosen because: {reason}',
  'choice.notTaken':
    'What was chosen for {decision} (“{reason}”) is none of what this opening takes; what stands here is derived. Choose anew, or take the choice back.',
  'choice.nothing':
    'Something was chosen for “{key}” (“{reason}”), which is not decided for this opening. Take the choice back if it is no longer meant.',
  'length.empty': 'Type a length.',
  'area.text': '“{text}” is no area: write 42 m² or 450 ft².',
  'length.negative': 'A length cannot be negative: “{text}”.',
  'length.denominator':
    'The fraction {text} is not in halves, quarters, eighths, sixteenths, thirty-seconds or sixty-fourths.',
  'length.inchesOverTwelve': 'In “{text}” the inches reach a whole foot; carry them into the feet.',
  'length.comma':
    'A comma is not read in inches: “{text}”. Write a point or a fraction, or add mm.',
  'length.tooLong': '“{text}” is longer than a kilometre.',
  'length.unreadable': '“{text}” is not a length. Write it like 35 3/4, 2-11 3/4, 908 or 0.908 m.',
  'size.pair':
    '“{text}” may be the size of each leaf or of both. Write (2) and the size of a leaf, or the whole opening with Pair as its type.',
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
  'practice.editions': 'The practice names an edition that Riegel does not know.',
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
  'file.version':
    'Version {version} of the file is not known; this Riegel reads versions 1 to {now}.',
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
  'file.manualItems': 'each line needs a stage, a whole quantity and a description.',
  'file.omitted': 'each stage left without hardware needs a reason.',
  'file.hingePositions': 'hinges set by hand are lengths in ticks, by leaf.',
  'file.tested': 'a test names its function, who tested when, and each step as ok or fault.',
  'file.provenance': 'each figure is either given or measured.',
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
  'care.aid':
    'Riegel is an aid to preparation. The adopted code, the authority having jurisdiction, the listing and the makers’ instructions decide; have a licensed professional confirm.',
  'care.heavy':
    'The leaf is {mass}: {people} people, or a lifter. Prop it before pins or pivots come out, and keep fingers from the hinge side and from under it.',
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
  'care.egress':
    'Never leave a person with only a key, a tool or electric power between them and the exit.',
  'care.oldPaint':
    'Old paint may hold lead: test before sanding. Old rated leaves and panels may hold asbestos: do not cut them; have them tested.',
  'care.outOfUse':
    'While a door is out of use in an occupied building keep the way out and the fire separation, or post a watch.',
  'care.glass':
    'Glass leaf: carry it upright, two people, gloves, suction lifters; edges guarded, never onto a corner, no metal against it. Safety glass only, marked as such.',
  'care.glassIn':
    'There is glass in the leaf: carry it upright, two people, gloves; lay it on no corner. Where people may fall against it, it is safety glass and marked as such.',
  'care.pivot':
    'Taking the leaf off its pivots: prop it, part the closer at the arm joint, free the top pivot, lower it.',
  'care.closer':
    'Closers hold spring and oil: follow the maker; never take the arm off under load, never unscrew a valve from its body.',
  'care.power':
    'Low voltage by a competent person, mains only by a licensed one: isolate, and prove release on loss of power and on alarm before hand-over.',
  'care.cutting':
    'When cutting: eyes, ears and lungs protected, the leaf clamped, cut away from the supporting hand, drill from both faces.',
  'checking.overlap':
    '{a} and {b} want the same place: they overlap by {across} × {up} × {through}.',
  'checking.thin': 'Only {by} is left between {a} and {b}; {wanted} is wanted.',
  'checking.under': '{a} lies where {b} does: {across} × {up} in common.',
  'checking.void': '{a} comes onto {b} by {by}: there is nothing to hold it.',
  'checking.joint': '{a} cuts {b} by {across} × {up} × {through}.',
  'checking.jointAssumed': '{a} may cut {b}: the rails are not recorded and were taken as usual.',
  'checking.skin': '{a} leaves only {by} of the leaf behind it; {wanted} is wanted.',
  'checking.beyond': '{a} reaches {by} out of the leaf.',
  'checking.noBlocking':
    '{a} is fixed on a core without blocking: through-bolts, or blocking from the leaf maker.',
  'checking.poolSwing':
    'The gate opens towards the pool: whoever leans on it from outside goes in. Swing it away from the water.',
  'checking.ratedNoCloser': 'Rated, and recorded without a closer: a rated leaf closes by itself.',
  'checking.ratedNoCloserWhere':
    'Rated, and recorded without a closer: some codes allow that here, kept locked or inside a dwelling.',
  'checking.garageStep':
    'Between house and garage: the garage’s floor lies {step} lower, or falls away from the door, so that spilt fuel stays out. Neither is recorded.',
  'checking.knob':
    'A knob on an accessible route: it is to be worked without grasping or twisting.',
  'checking.threshold': 'The threshold is {height} high; on an accessible route {most} at most.',
  'checking.thresholdBevel': 'The threshold is to be bevelled.',
  'checking.glassRated': 'The glass is larger than usual at this rating: as listed or tested.',
  'checking.holeRated': 'A {hole} in a rated leaf: only one listed or tested with it.',
  'checking.twoLeaves':
    'Two leaves in one frame want {needed} of frame depth; there is {has}: their handles and plates meet.',
  'checking.twoLeavesHand':
    'The set counts both leaves; the other room’s leaf is of the opposite hand, its face towards the first leaf left blank.',
  'checking.across.markDiffers':
    '{count} openings are marked {mark}, and say different things of it: rooms, kind, size, rating or role. Which holds?',
  'checking.across.mark': '{count} openings are marked {mark}.',
  'checking.across.odd':
    '{mark}: {what} {value}, where the other openings of {count} alike have {usual}.',
  'checking.across.keyed':
    '{mark} is keyed from the other side than the other doors of {count} along its corridor.',
  'checking.across.strike':
    'The leaves of {one} and {two} strike each other in {room}, one open {first}, the other {second}: another hand, a stop before that, or more between them.',
  'checking.across.noWayOut':
    'No row of doors that people may leave by leads from {rooms} to the open.',
  'checking.across.oneWay':
    '{people} people leave {room}, and one door only leads on: one way out may serve {limit}.',
  'checking.across.deadEnd':
    '{room} has one way out: the length of its dead end and the people in it are to be checked.',
  'checking.way.narrow':
    '{people} people for whom it must be wide enough: {needed} clear, all leaves open; it has {clear}.',
  'ask.fact': '{fact}: what is it?',
  'ask.confirm': 'To be confirmed.',
  'checking.lead':
    'Lead-lined: frame, lock cut-out, viewer and screw heads are lined too, by the physicist’s figures.',
  'checking.sealSeen':
    'Nothing shall be seen, and a {seal} is, at least in part: one let in whole is not.',
  'checking.noWire': 'The lock takes power, and no way for its wire into the leaf is recorded.',
  'checking.blockingUnknown':
    '{a} is fixed on the face; whether the core has blocking is not recorded.',
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
  'catalogue.lacks.grade': 'It is of hinge grade {is}; {wanted} is needed.',
  'catalogue.lacks.leaf': 'The leaf is {is} thick; it needs {wanted}.',
  'catalogue.lacks.jamb': 'The jamb has {is}; it needs {wanted}.',
  'catalogue.lacks.length': 'It is made to {is}; {wanted} is needed.',
  'catalogue.lacks.listed': 'It is listed to {is} min; the leaf is rated {wanted} min.',
  'catalogue.lacks.opens': 'It opens to {is}; {wanted} is wanted.',
  'catalogue.lacks.drop': 'It drops {is}; the gap under the leaf is {wanted}.',
  'catalogue.lacks.current': 'It is made for {is}; {wanted} is wanted.',
  'catalogue.lacks.size': 'It is made in sizes {from} to {to}; {wanted} is to be set.',
  'catalogue.lacks.templated': 'It is not templated for {device}.',
  'alternatives.rule.foot': 'Only offset pivots stand on the jamb.',
  'alternatives.rule.frame':
    'Centre-hung leaves turn in a frame without stops; all others close against a rebate or stops.',
  'alternatives.rule.pivotCloser': 'A floor or head closer turns the leaf by its pivot.',
  'alternatives.rule.centreCloser':
    'On centre pivots the closer is the pivot: no arm reaches over the heel.',
  'alternatives.rule.spring': 'Springs are the closer already.',
  'alternatives.rule.footCloser': 'A floor closer is the foot itself.',
  'instead.becomes': '{name} becomes {value}.',
  'instead.opens': '{name} falls away or is open.',
  'instead.more': '{count} more decisions change.',
  'instead.oneMore': 'One more decision changes.',
  'instead.dearer': '{count} cost classes more.',
  'instead.dearerOne': 'A cost class more.',
  'instead.cheaper': '{count} cost classes less.',
  'instead.cheaperOne': 'A cost class less.',
  'instead.canTrap.yes': 'Somebody inside may need a key to get out.',
  'instead.canTrap.no': 'From inside it opens without a key in every state.',
  'instead.canBeLocked.yes': 'It can be locked from outside.',
  'instead.canBeLocked.no': 'Nothing locks it: anybody comes in.',
  'instead.locksItself.yes': 'It locks by itself at every closing.',
  'instead.locksItself.no': 'It does not lock by itself.',
  'instead.canLockOut.yes': 'Whoever goes out without a key can be locked out.',
  'instead.canLockOut.no': 'Nobody is locked out by it.',
  'instead.locksFromInside.yes': 'It is locked from inside without a key.',
  'instead.locksFromInside.no': 'It is not locked from inside without a key.',
  'instead.locksFromInsideByKey.yes': 'A key locks it from inside.',
  'instead.locksFromInsideByKey.no': 'No key locks it from inside.',
  'instead.canStayOpen.yes': 'It can be left unlocked.',
  'instead.canStayOpen.no': 'It cannot be left unlocked.',
  'instead.emergencyEnters.yes': 'A tool opens it from outside in an emergency.',
  'instead.emergencyEnters.no': 'No tool opens it from outside.',
  'instead.powerMatters.yes': 'What it does depends on power.',
  'instead.powerMatters.no': 'It needs no power.',
  'instead.twoMotions.yes': 'Getting out can take two motions.',
  'instead.twoMotions.no': 'Getting out takes one motion.',
  'instead.samePreparation': 'The same preparation.',
  'instead.prepares': 'Another preparation: {thing}.',
  'instead.noRecess': 'No recess any more: {thing}.',
  'instead.nothing': 'Nothing else changes.',
  'alternatives.hang': 'Hung on {to}, no longer {from}: both edges are prepared anew.',
  'alternatives.frame.rebated': 'The frame becomes rebated, or gets stops.',
  'alternatives.frame.stopless': 'The frame loses its stops.',
  'alternatives.strike': 'The strike moves with the rebate: it is cut anew.',
  'alternatives.seals.ordinary': 'Seals at head and jambs become ordinary ones, against the stops.',
  'alternatives.seals.difficult': 'Without stops, seals are difficult on all four edges.',
  'alternatives.foot.jamb':
    'The foot stands on the jamb: nothing is let into floor or bottom rail.',
  'alternatives.foot.floor': 'The foot stands on the floor.',
  'alternatives.offset.full':
    'A full-mortised drop seal fits too, once the foot stands on the jamb or is short.',
  'alternatives.closer': 'Closer: {from} → {to}.',
  'alternatives.seal': 'Bottom: {from} → {to}.',
  'alternatives.threshold': 'A threshold after all, with its step or ramp.',
  'alternatives.lock': 'Lock: {from} → {to}.',
  'alternatives.actuator':
    'The drop seal’s plunger needs an actuator plate on the jamb: it rubs along an arc.',
  'alternatives.ask.leaf': 'Leaf maker: agree to all {count} recesses, with blocking behind each.',
  'alternatives.ask.template': 'Closer maker: a template for this hanging’s moving axis.',
  'alternatives.ask.seal': 'Leaf maker: a groove along the bottom rail for the drop seal.',
  'alternatives.ask.floor': 'Floor: depth for the case, nothing in the way, and who sets it.',
  'alternatives.ask.closer': 'Leaf maker: the top rail takes the closer’s case.',
  'alternatives.ask.springs':
    'Hinge maker: what mass and width the springs bring to without slamming.',
  'catalogue.lacks.function': 'It is not made as: {function}.',
  'catalogue.lacks.backset': 'Its backset is {is}; {wanted} is decided.',
  'catalogue.lacks.leafThick': 'The leaf is {is} thick; it is made up to {most}.',
  'keying.shape': 'key groups are a list of at most 500, each with a name and what it opens.',
  'schedule.shape':
    'the settings of a schedule are names, parts kept apart, parties, notes, columns and paper.',
  'schedule.value': 'the {name} of the schedule are not as they are described.',
  'keying.value': 'the key group {name} is not as one is described.',
  'locks.shape': 'lock functions are a list of at most 200.',
  'locks.value': 'the lock function {name} is not as one is described.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof COMMON_MESSAGES> {}
}
