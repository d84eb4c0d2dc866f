/** What is said of the powering. */
export const POWERING_MESSAGES = {
  'ask.cableRun': 'How far is the supply, along the cable? The wire follows from that.',
  'ask.access': 'What lets people in: reader, keypad, intercom, a button?',
  'powering.ownBattery': 'Its lock and reader run on a battery of their own: no wire, no supply.',
  'powering.none': 'Nothing of it works by power.',
  'powering.operator': 'Its operator works by power.',
  'powering.electric': 'It has what draws current: {load}.',
  'powering.electric.more': 'It has what draws current: {load} and {count} more.',
  'powering.fail.secure':
    'Without power it stays locked from outside; inside its handle or bar lets out.',
  'powering.fail.battery':
    'With its battery empty it stays locked from outside; a key enters, inside its handle lets out.',
  'powering.fail.delayed': 'Without power it lets out at once; from outside a key enters.',
  'powering.fail.safe': 'Without power it is free from both sides.',
  'powering.magnet.sensor':
    'A magnet on the frame holds it shut; a sensor lets it go for who comes near from inside, and a button beside the door breaks its current by itself.',
  'powering.magnet.hardware':
    'A magnet on the frame holds it shut; a switch in lever or bar lets it go as it is worked.',
  'powering.delay': 'The most that people may be kept waiting without permission ({source}).',
  'powering.path.frame':
    'What draws current stands in or on the frame: no wire crosses to the leaf.',
  'powering.path.hinge':
    'Through the hinge second from the top or in the middle; {count} conductors.',
  'powering.path.transfer': 'A power transfer in the hinge edge; {count} conductors.',
  'powering.path.inrush':
    'The inrush of {inrush} is more than an electric hinge carries: a power transfer.',
  'powering.path.loop': 'The hinges pass no wire: a door loop, protected.',
  'powering.supply': '{hold} held, {inrush} as all are switched on, × {margin}.',
  'powering.battery': '{hold} for {hours} h, of which {use} % may be used.',
  'powering.wire':
    '{drop} of {volts} lost there and back over {length} m with {amperes}; at most {most} %.',
  'powering.narrative.locked': 'Normally: closed, latched and locked from outside.',
  'powering.narrative.free': 'Normally: closed and latched, free from outside.',
  'powering.narrative.held': 'Normally: held open by its magnet.',
  'powering.narrative.enter': 'To enter: {access} lets the lock go; a key does without power.',
  'powering.narrative.enterKey': 'To enter: a key.',
  'powering.narrative.leave':
    'To leave: the handle or bar inside, always, in one motion and without power.',
  'powering.narrative.delayed':
    'To leave: pushing the bar starts an alarm and a count of {seconds} s, which does not stop; then it lets out.',
  'powering.narrative.delayedLost':
    'On loss of power: it lets out at once; from outside a key enters.',
  'powering.narrative.delayedAlarm':
    'On fire alarm: it lets out at once; from outside it stays locked.',
  'powering.narrative.delayedStays': 'On fire alarm: it still waits {seconds} s.',
  'powering.narrative.magnet': 'Normally: closed and held shut by its magnet.',
  'powering.narrative.leaveSensor':
    'To leave: the sensor lets the magnet go as somebody comes near; if it does not see them, the button beside the door does, for {seconds} s.',
  'powering.narrative.leaveHardware':
    'To leave: lever or bar breaks the magnet’s current as it is worked, in one motion.',
  'powering.narrative.lostMagnet': 'On loss of power: the magnet lets go.',
  'powering.narrative.alarmMagnet':
    'On fire alarm: the magnet’s power is cut until the alarm is reset.',
  'powering.narrative.alarmMagnetStays':
    'On fire alarm: the magnet holds on; sensor, button or hardware still let it go.',
  'powering.narrative.command':
    'On command from one place: unlocked together with all doors of the stair, without being unlatched.',
  'powering.narrative.enterMagnet': 'To enter: {access} lets the magnet go; no key does.',
  'powering.narrative.enterNobody': 'To enter: nothing is recorded that lets the magnet go.',
  'powering.narrative.lostSecure':
    'On loss of power: locked from outside, a key enters; inside free.',
  'powering.narrative.lostBattery':
    'With its battery empty: locked from outside, a key enters; inside free.',
  'powering.narrative.lostSafe': 'On loss of power: free from both sides, latched.',
  'powering.narrative.alarmReleases': 'On fire alarm: power is cut; free from both sides, latched.',
  'powering.narrative.alarmStays': 'On fire alarm: it stays locked from outside; inside free.',
  'powering.narrative.alarmHeld':
    'On fire alarm or loss of power: the magnet lets go, the leaf closes and latches.',
  'powering.narrative.operator':
    'The operator opens it at the button; without power it is pushed by hand.',
  'powering.noSwitch':
    'An electrified lock and nothing recorded that releases it: reader, keypad, intercom or button.',
  'powering.nothingToRelease':
    '{access} is recorded, and the lock has nothing that it could release: an electrified lock or a strike.',
  'powering.noAlarm':
    'What holds it open is to be let go by detection: recorded that no alarm reaches it.',
  'powering.alarmUnknown': 'Which detection or alarm lets go what holds it: not recorded.',
  'powering.stair':
    'Locked from the stair without power: re-entry to the storeys is usually asked for: a lock that fails safe, released by alarm and from the command centre.',
  'powering.noWire':
    'No wire of the table keeps the loss below {most} % over {length} m with {amperes}: a supply nearer by, or a higher voltage.',
  'powering.inrush':
    'Latch retraction draws {inrush} as it fires: the supply made for it stands near, nothing else is on that wire, and two fire one after the other.',
  'powering.delayed':
    'Delayed egress: {seconds} s (30 by permission), a sign on the leaf, released by alarm and loss of power, sprinklers or detection throughout; not in assembly, education or high hazard but for exceptions.',
  'powering.delayedWhere':
    'Delayed egress of {seconds} s in {occupancy}: allowed there only by exceptions; have the authority agree to it in writing.',
  'powering.delayedNoAlarm':
    'Delayed egress is to let out at once on fire alarm: recorded that no alarm reaches it.',
  'powering.magnetNoAlarm':
    'A magnet that holds people in is to let go on fire alarm: recorded that no alarm reaches it.',
  'powering.magnetAlarm': 'Which fire alarm or sprinkler lets the magnet go: not recorded.',
  'powering.magnetButton':
    'Beside the door a button {low} to {high} above the floor and within {near}, marked, that breaks the magnet’s current by itself for {seconds} s.',
  'powering.magnetHazard':
    'A magnet on a door that people leave by where the contents are of high hazard is not allowed.',
  'powering.magnetLatch':
    'A magnet is no latch: a rated leaf latches by itself, also when the magnet has let go.',
  'powering.reentryUnknown':
    'How people come back from the stair to the storeys is not recorded: never locked, by command, or by fire alarm.',
  'powering.reentryAlarm':
    'Back from the stair by fire alarm, and no alarm is recorded that reaches the lock.',
  'powering.reentryLocked':
    'Recorded as never locked from the stair, and its lock is electrified from that side.',
  'powering.operatorLatch':
    'The operator pulls at a leaf that the latch of the {kind} holds: an electric strike or latch retraction draws it first, or it has no latch.',
  'powering.operatorMains':
    'The operator wants mains, run by a licensed electrician, and guards or sensors as its class asks.',
  'powering.volts':
    'Its loads are reckoned at {rated}; the supply is recorded with {volts}: currents differ, have them confirmed.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof POWERING_MESSAGES> {}
}
