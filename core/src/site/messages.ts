/** What is said on site: of gaps and hinges, the steps of the work, what is tried and inspected. */
export const SITE_MESSAGES = {
  'site.gap.hingeBound':
    'Tight on the hinge side ({places} of three readings): the leaf is hinge-bound, and springs back when it is pushed shut. A recess is too deep, or paint or a screw head stands in it.',
  'site.gap.dropped':
    'The leaf hangs down by {by} at its lock corner: the bottom hinge is let in too deep, or its knuckle is worn.',
  'site.gap.sprung':
    'The leaf hangs down by {by} at its lock corner and its top hinge stands out: the top hinge is sprung or its screws draw.',
  'site.gap.raised':
    'The leaf stands up by {by} at its lock corner: the bottom hinge stands out, or the top one is let in too deep.',
  'site.gap.headRises':
    'The head is out of square with the hinge jamb: it rises by {by} towards the lock. No hinge mends that.',
  'site.gap.headFalls':
    'The head is out of square with the hinge jamb: it falls by {by} towards the lock. No hinge mends that.',
  'site.gap.widerBelow':
    'Both side gaps together are {by} more at the foot than at the top: the frame spreads, or the leaf is narrower below.',
  'site.gap.widerAbove':
    'Both side gaps together are {by} more at the top than at the foot: the frame closes in, or the leaf is wider below.',
  'site.gap.leafWide': 'The leaf is {by} too wide for its frame.',
  'site.gap.leafNarrow': 'The leaf is {by} too narrow for its frame, or the frame is spread.',
  'site.gap.leafHigh': 'The leaf is {by} too high for its frame.',
  'site.gap.leafLow': 'The leaf is {by} too low for its frame.',
  'site.gap.bowed': 'The leaf is bowed in its plane by {by} in the middle.',
  'site.gap.middleHinge':
    'The middle of the hinge edge lies {by} off the line of its ends: a middle hinge is off the line of the others, and the leaf binds on it.',
  'site.gap.jambBowed': 'The lock jamb is bowed by {by} in the middle.',
  'site.noHingeMoves': 'This way of hanging has nothing to pack or to turn.',
  'site.turnTogether':
    'Loosen the clamping screws of all hinges first. Height first, all by equal turns; then the side, a half turn at each in turn from top to bottom; tighten, covers last, and look again after a week.',
  'site.ratedPacking':
    'Rated: pack with metal or with what the listing allows; no recess is deepened and no knuckle bent.',
  'site.mayBend':
    'Up to {most} the knuckles may be bent instead: light plain butts only, the pins in, a little at a time.',
  'site.screwsFirst':
    'First tighten every screw of hinge {hinge}, with longer ones where they no longer hold, and read the gaps again.',
  'site.hinge.leave': 'Hinge {hinge}: leave it.',
  'site.hinge.packOne': 'Hinge {hinge}: pack it out with one shim of {thick}.',
  'site.hinge.pack': 'Hinge {hinge}: pack it out with {count} shims of {thick}, {by} in all.',
  'site.plane.even': '{edge}: plane off {by} along its whole length.',
  'site.plane.taper': '{edge}: plane off {first} {from}, running to {second} {to}.',
  'site.plane.out': '{edge}: plane off {first} {from}, running out to nothing {to}.',
  'site.hinge.deepen': 'Hinge {hinge}: let it in by {by} more.',
  'site.hinge.turn': 'Hinge {hinge}: side screw {turns} {unit}, {way}.',
  'site.hinge.raise': 'Hinge {hinge}: height screw {up} {upUnit}, {height}.',
  'site.hinge.turnBoth':
    'Hinge {hinge}: side screw {turns} {unit}, {way}; height screw {up} {upUnit}, {height}.',
  'site.edge.wide':
    'Wider than allowed, and no hinge closes it: move or pack the frame, lip the leaf, or ask for another.',
  'site.edge.cannot':
    'Narrower than allowed, and neither hinge nor plane helps: the frame is to be eased, or the leaf exchanged.',
  'site.strikeMoves':
    'The latch goes {across} across and {up} {way}: try it in its strike, and move the strike if it rubs.',
  'site.foretold.missed': '{count} gaps came out otherwise than foretold.',
  'site.foretold.height':
    'Only head and floor differ: the leaf has slipped on its hinges or pivots, or a height screw turned without load.',
  'site.foretold.oneEdge':
    'One edge alone differs: that edge was worked on, or its frame gives when the leaf is shut.',
  'site.foretold.middle':
    'The middle differs: a middle hinge was not brought onto the line of the others.',
  'site.foretold.screws':
    'The difference grows away from the hinges: screws draw, a shim compressed, or a hinge went another way than meant. Try the screws first.',
  'site.read.far': '{gap} is a great gap for {at}. Measure again, and take it if it is so.',
  'site.read.negative': 'A gap cannot be less than nothing: where the leaf touches, read 0.',

  'fit.check':
    'Hold leaf, frame and hardware against the sheet: mark, hand, sizes. Mark the top and the face that is outside; lay the story stick on leaf and jamb and strike every line before anything is cut. What differs is written down first.',
  'fit.checkRated':
    'Hold leaf, frame and hardware against the sheet: mark, hand, sizes. Mark the top and the face that is outside; lay the story stick on leaf and jamb and strike every line before anything is cut. What differs is written down first. Rated: nothing is cut beyond the listing.',
  'fit.cut':
    'Cut the leaf: the hinge edge first, before any hinge is cut; then head, bottom and lock edge; the bevel last.',
  'fit.cutRated':
    'Rated leaf: cut only what the listing lets go, the hinge edge first, before any hinge is cut; the bevel last. Strips and labels stay whole.',
  'fit.edges':
    'Seal every cut edge and recess, top and bottom too, now that the last of them is cut and before the leaf is hung.',
  'fit.recess':
    'Set the hinges out from the head downwards on leaf and jamb, recess both, and try the depth with the hinge itself.',
  'fit.recessLeaf':
    'The frame comes prepared: hold the hinges against it before anything is cut, take their places over onto the leaf, recess it, and try the depth with the hinge itself.',
  'fit.hingesMade':
    'Leaf and frame come prepared: hold every hinge against both, and shim or file nothing before all of them lie flat.',
  'fit.continuous':
    'Set the continuous hinge out on leaf and jamb along its whole length, clamp it and drill from the top downwards.',
  'fit.pivots':
    'Plumb the head pivot over the foot pivot, both out of the jamb by the same figure, and fix the foot first.',
  'fit.track':
    'Level the track, fix it into structure, hang the leaf on its carriages and set guide and stops.',
  'fit.screws':
    'Now the other screws: pilots in the middle of each hole, driven by hand at the end.',
  'fit.screwsMachine': 'Machine screws: start all the others by hand before one is tightened.',
  'fit.screwsSoft':
    'Now the other screws, brass or stainless: pilot, cut the thread with a steel screw of the same size first, then drive by hand.',
  'fit.hang':
    'With {people} people, wedge the leaf up at its height; one screw in each hinge, in the middle of an oval hole, the top hinge first. Swing it and look round it.',
  'fit.hangPivots':
    'Set the leaf on its foot pivot, open at 90°, bring it upright and let the head pivot in; hold it until the pin is home.',
  'fit.hangGlass':
    'Glass: gasket in every patch, no metal on glass; set it on the bottom patch, align the top pivot, tighten evenly by the maker’s torque.',
  'fit.gaps':
    'Shut the leaf and read its gaps all round; set them right now, before another screw is driven.',
  'fit.lock':
    'Lock: from the edge first, its row of holes to the depth marked on the bit; then spindle and key from both faces; chisel square, the front let in last. Try it by hand with the leaf open.',
  'fit.lockBored':
    'Lock: the faces first, a pilot through both and the saw from each side; then the bore from the edge; the front let in last. Try it by hand with the leaf open.',
  'fit.lockMade':
    'Lock: into the preparation of the leaf; front flush, handed as the sheet says, tried by hand with the leaf open.',
  'fit.strikeMade':
    'Strike: into the preparation of the frame; throw the bolt, see that it enters without rubbing, and try the latch ten times.',
  'fit.strike':
    'Strike: throw the bolt, mark from the bolt itself, hold it against the figure; cut, fix, and try the latch ten times.',
  'fit.bolts':
    'Bolts of the other leaf: into head and floor, the floor hole clean, each way of throwing tried.',
  'fit.cylinder':
    'Cylinder and keys: flush with its rose or as far out as the sheet says; the key turns free.',
  'fit.stops':
    'Now plant the stops, against the latched leaf, with the gap of a card on the hinge side.',
  'fit.closer':
    'Closer by its template, body on the side the sheet says. Join the arm with the leaf shut, give it its preload, open the valves a quarter turn from shut, then set the times on the Prove page.',
  'fit.closerFloor':
    'Floor closer: box level and plumb under the head pivot, its spindle on the axis, grouted, before the leaf is hung. Its valves are set when the leaf hangs.',
  'fit.closerConcealed':
    'Concealed closer: its pocket in leaf or head, arm and track by the template, before the leaf is hung.',
  'fit.closingOthers':
    'Stops, holders and selector: where the leaf meets them squarely, fixed into something that holds.',
  'fit.plates':
    'Plates, viewers and signs: level, from the edge by the figure, through pilot holes.',
  'fit.platesRated':
    'Plates, viewers and signs: as high as the listing lets, labelled where it asks, through pilot holes.',
  'fit.seals': 'Seals: the head first, then the jambs, cut to fit under it at the corners.',
  'fit.power':
    'Before the leaf is hung: bore the raceway, let in transfer or electric hinge, draw the wires through without strain, mark the cores.',
  'fit.screwsMixed':
    'Now the other screws: wood screws through pilots into the leaf, machine screws into the frame, each started by hand.',
  'fit.hangAlone':
    'Wedge the leaf up at its height; one screw in each hinge, in the middle of an oval hole, the top hinge first. Swing it and look round it.',
  'fit.hangLifter':
    'With a lifter and {people} people, bring the leaf to its height; one screw in each hinge, in the middle of an oval hole, the top hinge first. Swing it and look round it.',
  'fit.hangDrillIn':
    'Bring the leaf to its height, set it on its pins and tighten the clamping screws. Swing it and look round it.',
  'fit.drillIn':
    'Bore leaf and frame for the hinges’ pins by the jig, square to the edge and to the depth on the bit; screw the parts in by whole turns.',
  'fit.recessCopied':
    'Lay the old leaf on the new one, hinge edges and heads flush, knuckles the same way, and mark hinges, lock and holes over; hold the marks against the figures, then recess. Try the depth with the hinge itself.',
  'fit.recessConcealed':
    'Concealed hinges: the shallow recess for the plates first, its depth decides how flush they lie; then the deep one for the body, a little deeper than it needs. Look where screws of lining and stud stand before the cutter gets there.',
  'fit.adjustConcealed':
    'Adjust: loosen the clamping screws of all hinges; height first, all by equal turns; then side, then depth, by the same steps from top to bottom; tighten, covers last.',
  'fit.lockDead':
    'Lock: from the edge first, its row of holes to the depth marked on the bit; then the key hole from both faces; chisel square, the front let in last. Try it by hand with the leaf open.',
  'fit.device':
    'Exit device: mark it out by its template, bore what goes through from both faces, set its case level, cut the bar to its figure and deburr it. Try it before the strike is fixed.',
  'fit.lockFace':
    'Lock: what goes through the leaf first, from both faces; then the recess of its flange in the edge; then the case on the inside face. Try it by hand with the leaf open.',
  'fit.lockSteel':
    'Lock into the steel leaf: centre punch, pilot, then the hole saw, slow and cooled with cutting oil; deburr and prime the bare edges.',
  'fit.holeOff':
    'A hole that came 2 mm off is plugged with glued timber and bored again, or what it is for is moved and the sheet marked, or a plate covers it. In a rated leaf ask first.',
  'fit.dropIn':
    'Drop seal: its groove in the foot of the leaf, cut from the side without the plunger; try that it runs free, before the leaf is hung.',
  'fit.sealsDrop':
    'Seals: the head first, then the jambs, cut to fit under it at the corners; the drop seal cut from the side without the plunger and set until a strip of paper holds.',
  'fit.connect':
    'Join and test: isolate first, each core by its mark, then every function before covers go on.',
  'fit.trial':
    'Try everything before the finish goes on: gaps, lock, closer. Take off what stands on the leaf, finish, fit again.',
  'fit.others': 'What else the set has.',
  'fit.finish': 'Touch up what was cut; clean the finish with what its maker allows.',
  'fit.finishRated':
    'Touch up what was cut, clean the finish with what its maker allows. Never paint a label, a strip or a seal.',
  'fit.clear':
    'Chips and screws out of pockets and floor holes, keys tagged with the mark, film off, sheet to the office.',

  'off.watch':
    'Tell the house: while the leaf is out, way out and fire separation are to be kept, or somebody watches.',
  'off.wires': 'Isolate, prove dead, part the wires at the plug of the transfer and mark them.',
  'off.arm':
    'Leaf shut. The arm is still under load: hold it by a spanner on its spindle, take out the screw of its joint, let it turn back slowly, and tie it up. Never with a hand in its way.',
  'off.selector': 'Take the coordinator’s arm out of the leaf’s way.',
  'off.threshold': 'See whether the threshold’s strip holds the leaf: free it first.',
  'off.prop':
    'Open to 90°, wedge the leaf under its lock end and near its hinges; {people} people.',
  'off.propLifter':
    'Open to 90°, take the leaf on a lifter and wedge it; {people} people beside it.',
  'off.butts':
    'Drive the pins out upwards: the bottom one first, those between, the top one last, while somebody holds.',
  'off.buttsFixed':
    'Pins are fixed: unscrew the hinges from the jamb, the bottom one first, the top one last, while somebody holds.',
  'off.continuous':
    'Unscrew the frame leaf of the hinge from the bottom upwards, the last screws with the leaf held.',
  'off.concealed':
    'Loosen the hinges’ frame plates, the bottom one first; hold the leaf, then the top one, and draw it off.',
  'off.spring':
    'Let the springs go with the bar and its pin, every hinge, before a screw is touched; then as butts.',
  'off.rising': 'Open beyond 90° and lift the leaf off straight up; see that the head lets it.',
  'off.drillIn': 'Loosen the clamping screws and lift the leaf off its pins.',
  'off.tee': 'Unscrew the straps from the leaf, or lift it off its hooks: the bottom one first.',
  'off.pivot':
    'Draw the head pivot’s pin back, tip the leaf out by a hand’s breadth, lift it off the foot.',
  'off.glass':
    'Gloves and suction lifters: loosen the top patch or pivot, tip the pane out, lift it off the bottom patch. Never by its edge alone.',
  'off.set': 'Stand it on battens, hinge edge down; close an open frame off.',
  'off.setGlass': 'Stand the pane on felt at a lean, its edges guarded; close an open frame off.',
  'on.look':
    'Look at leaves of hinges, screw holes and pivots before it goes back; plug holes that no longer hold.',
  'on.lift': 'Bring it up on wedges to its height; {people} people.',
  'on.liftLifter': 'Bring it up on the lifter to its height; {people} people beside it.',
  'on.butts': 'Top pin first, then the bottom one, then those between; tap them home.',
  'on.buttsFixed': 'Screw the top hinge first, one screw, then the bottom one; then all.',
  'on.continuous': 'Screw the frame leaf from the top downwards.',
  'on.concealed': 'Top frame plate first, then the bottom one; tighten when the gaps are right.',
  'on.spring': 'Hang as butts, then wind the springs evenly with bar and pin.',
  'on.rising': 'Lower it straight onto its pins, opened beyond 90°.',
  'on.drillIn': 'Set it on its pins and tighten the clamping screws.',
  'on.tee': 'Top strap or hook first.',
  'on.pivot': 'Set it on the foot, bring it upright, let the head pin in and lock it.',
  'on.glass':
    'Set the pane on the bottom patch, bring it upright, let the top pivot in; tighten evenly.',
  'on.arm': 'Join the arm with the leaf shut; open it slowly once and watch it close.',
  'on.wires': 'Plug the transfer, test every function before covers go on.',
  'on.prove':
    'Read the gaps, let it close from 10°, 30° and 90°, try lock and way out; only then leave it.',

  'prove.missing':
    'Nothing of the set’s {count} lines is missing, loose or broken; every screw is in.',
  'prove.labels': 'Labels on leaf and frame are there, legible and not painted.',
  'prove.changes': 'Nothing was cut, drilled or changed on site that the listing does not allow.',
  'prove.glass': 'Glass and beads are whole and tight, and marked as they shall be.',
  'prove.plates': 'Plates and signs sit flat, without sharp edges.',
  'prove.gaps': 'Gaps all round lie within what is allowed.',
  'prove.closes': 'Let go at {degrees}, it closes and latches by itself ({time} of {of}).',
  'prove.closesShut': 'Let go at {degrees}, it closes by itself ({time} of {of}).',
  'prove.sweep': 'Time from 90° to 12°.',
  'prove.latchZone': 'Time from 12° until it is shut.',
  'prove.backCheck': 'Thrown open, it is braked before it meets its stop.',
  'prove.force.release': 'Force at the handle or bar until the latch is free.',
  'prove.force.motion': 'Force that sets the leaf in motion.',
  'prove.force.wide': 'Force that opens it wide.',
  'prove.engagement': 'How far the latch reaches into its strike.',
  'prove.lock.opens': '{act}: it opens.',
  'prove.lock.latch': '{act}: the latch draws back.',
  'prove.lock.shut': '{act}: it stays shut.',
  'prove.lock.refused': '{act}: nothing moves.',
  'prove.keys': 'Every key that was given for this lock turns it, without force.',
  'prove.keysOther': 'A key of another lock does not.',
  'prove.order': 'Both leaves opened and let go in either order: the inactive one closes first.',
  'prove.bolts': 'Bolts of the inactive leaf go into head and floor, and draw back.',
  'prove.passing': '{state}: {enter}, {leave}.',
  'prove.passingAfter': '{state}: {enter}, {leave} {seconds} s after the bar is pushed.',
  'prove.holdOpen': 'What holds the leaf lets go: by hand, on alarm, without power.',
  'prove.operator':
    'The operator stops or turns back on a person in its way, and opens by hand without power.',
  'prove.light': 'No light shows around the shut leaf.',
  'prove.drop':
    'The drop seal meets the floor along its whole length: a strip of paper holds everywhere.',
  'prove.bottom':
    'The bottom seal meets floor or threshold along its whole length and does not drag.',
  'prove.meeting': 'The seal of the meeting edges closes along its whole length.',
  'prove.oneMotion': 'From inside one motion opens it: no key, no tool, no knowledge, in the dark.',
  'prove.clear': 'Nothing stands in the way, and it opens as wide as it shall.',

  'inspect.labels': 'Labels on leaf and frame are visible and legible.',
  'inspect.holes': 'No open holes or breaks in the surfaces of leaf or frame.',
  'inspect.glass': 'Glazing, vision frames and beads are whole and securely fastened.',
  'inspect.secure':
    'Leaf, frame, hinges, hardware and threshold are secured, aligned and in working order, with no visible damage.',
  'inspect.missing': 'No parts are missing or broken ({count} lines of the set).',
  'inspect.gaps': 'Clearances lie within what is allowed.',
  'inspect.closes': 'Self-closing works: from fully open it closes by itself.',
  'inspect.order': 'The coordinator closes the inactive leaf before the active one.',
  'inspect.latch': 'Latching hardware works and secures the leaf when it is shut.',
  'inspect.auxiliary': 'Nothing else on leaf or frame hinders it: no hook, wedge, extra bolt.',
  'inspect.changes': 'Nothing was changed in the field that voids the label.',
  'inspect.gaskets': 'Gaskets and edge seals are where they shall be, whole and fast.',
  'inspect.signs': 'Signs on the leaf are within what is allowed: small, glued, not on glass.',
};

type Of = typeof SITE_MESSAGES;
declare module '../model/registry.js' {
  interface Messages extends Of {}
}
