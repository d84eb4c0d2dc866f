/** The sentences of what laws find. */
export const LAW_MESSAGES = {
  'law.shutIn':
    'People leave coming from {room}, and nobody gets through from there without a key {when}. {free}.',
  'law.shutInAsked':
    'From {room} nobody gets through without a key {when}. Do people leave that way? If so: {free}.',
  'law.noHelp':
    'Whoever locks themselves into {room} is not got at from outside: a lock that a coin, a tool or a key opens from there.',
  'law.childLocks':
    'In {room} a child or somebody in care can turn the lock against those who look after them. A lock worked by key from outside only, or out of reach.',
  'law.shutOut':
    'Whoever steps out to {room} is locked out there {closes}: no handle or turn that works from that side.',
  'law.stairLocked':
    'Whoever is in {room} does not come back to the storey without a key {when}: never locked from the stair, or let go by command and alarm.',
  'law.shutInCold':
    'Somebody in {room} does not come out {when}: it opens from inside at all times.',
  'law.barAsked':
    'It opens towards {room}, and the bar of an exit device stands on the other face: whoever leaves from {room} meets no bar. Which way do people leave?',
  'law.secondByHand':
    'Both leaves are needed by those who leave, and the second is held by bolts that somebody must find and draw.',
  'law.swingBoth':
    'People leave both ways, {people} at once: from {from} the leaf opens with them, and one leaf opens one way only. A double-egress pair, or leaves that swing both ways.',
  'law.swingHazard':
    'It swings against those who leave a place of high hazard: whatever their number, it opens with them.',
  'law.swingExit':
    'A final exit, and it opens against those who leave: it opens out but for few exceptions, whatever their number.',
  'law.swingAsked':
    'It opens towards {room}, and {people} people may come from there; from {from} the leaf opens with them. How many leave, and which way?',
  'law.swingStair':
    'Its hand swings it into {room}, against whoever leaves for the stair. Is the hand read from the right side? Small numbers may leave so.',
  'law.toiletIn':
    'It swings into {room}: whoever falls behind it keeps it shut, and a wheelchair needs the floor. Swing it out, or both ways, or give it hardware that lets it out in need.',
  'law.toiletFloor':
    'It swings into {room}: not over the clear floor of a fixture, unless that room has a clear space beyond its swing.',
  'law.specialWidth': '{room} wants {needed} clear; it has {clear}.',
  'law.faultIn':
    'It opens into {room}: pressure or smoke from a fault holds it shut against whoever flees. It opens out.',
  'law.ratedOpen': 'Rated, and nothing brings it shut.',
  'law.smokeAround': 'It is to hold smoke back, and nothing seals it around its edges.',
  'law.smokeUnder':
    'It is to hold smoke back, and nothing seals it below: a drop seal, or a gap as low as its test allows.',
  'law.secondLoose':
    'The second leaf of a rated pair is held by nothing that takes hold by itself.',
  'law.leafNeverRated': 'A leaf of {leaf} has no rating; {minutes} min are asked.',
  'law.leafSeldomRated':
    'A leaf of {leaf} is rated only as listed or tested so: have the evidence for {minutes} min.',
  'law.frameRated': 'The frame is rated {frame} min, the leaf {leaf} min: the lesser holds.',
  'law.notRated':
    'Recorded as not rated, and it stands at {room}: the walls of such rooms often are. Is that so?',
  'law.garageSleeping': 'It leads from a garage straight into {room}, where people sleep.',
  'law.reachIn':
    'A pane {away} from the lock: whoever breaks it reaches the turn or handle inside. Laminated glass, a captured turn, or the lock more than {far} away.',
  'law.unseen':
    'It swings both ways, and there is nothing to see through: whoever comes from the other side is struck.',
  'law.fingers':
    'Children pass here ({room}), and nothing guards their fingers at the hinges: a finger guard on both faces.',
  'law.approach':
    'Beside the lock edge {has} is clear on the pull side; {needed} is asked, so that a wheelchair gets past the leaf.',
  'law.unhung': '{leaves} leaves, and {carried} things in the set that carry them.',
  'law.unshut': 'It closes by itself, and nothing in the set brings it shut.',
  'law.shutTwice': 'Two kinds of things bring it shut: each spoils what the other is set to.',
  'law.unstruck': 'It latches or bolts, and nothing in the frame takes hold of it.',
  'law.unordered':
    'Its meeting edges overlap and both leaves close: nothing holds the first open until the second is shut.',
  'law.unfed': 'It takes power, and the set has no supply.',
  'law.unwired': 'The lock takes power, and nothing carries its wire into the leaf.',
  'law.over': '{item} is in the set, and nothing is there for it.',
  'law.writtenCut': 'Written: “{written}”, which wants {wants}. The sheets prepare {has}.',
  'law.leftOut': 'Left out on purpose at a rated opening: {what}.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof LAW_MESSAGES> {}
}
