/** What is said of the sealing. */
export const SEALING_MESSAGES = {
  'sealing.perimeter.slides': 'A sliding leaf is sealed by its own gear.',
  'sealing.perimeter.sound':
    'Sound: all four edges, or none; a compression seal at head and jambs.',
  'sealing.perimeter.smoke': 'Against smoke: at head and jambs, continuous ({source}).',
  'sealing.perimeter.weather': 'To the open: wind and rain.',
  'sealing.perimeter.light': 'No light may pass.',
  'sealing.perimeter.recorded': 'As recorded.',
  'sealing.perimeter.silencers': 'A steel frame without seals: the leaf rests on silencers.',
  'sealing.perimeter.garage': 'Between garage and house: fumes.',
  'sealing.perimeter.cold': 'The leaf of a cold room brings its own gasket; its frame is heated.',
  'sealing.perimeter.gate': 'A gate: the open is on both sides.',
  'sealing.perimeter.none': 'Nothing recorded asks for seals.',
  'sealing.against.tight': 'What is wanted passes by it: {purpose}.',
  'sealing.length.single': '2 × {height} + {width}.',
  'sealing.length.pair': '2 × {height} + {width} over both leaves.',
  'sealing.strip':
    'For {minutes} min as usually tested ({source}); the leaf’s own test evidence decides.',
  'sealing.strip.two':
    'Two strips for {minutes} min as usually tested ({source}); the leaf’s own test evidence decides.',
  'sealing.bottom.recorded': 'As recorded.',
  'sealing.bottom.threshold': 'The threshold seals it, as recorded.',
  'sealing.bottom.sound': 'Sound: every edge or none; it drops as the leaf closes.',
  'sealing.bottom.smoke': 'Against smoke: {gap} under the leaf is more than {most} ({source}).',
  'sealing.bottom.smokeTight':
    'Against smoke: {gap} under the leaf is not more than {most} ({source}).',
  'sealing.bottom.smokeLabel': 'The smoke label alone asks for no seal under the leaf ({source}).',
  'sealing.bottom.weather': 'To the open: a sweep onto the threshold.',
  'sealing.bottom.light': 'No light may pass: it drops as the leaf closes.',
  'sealing.bottom.hidden': 'Nothing shall be seen: mortised into the leaf.',
  'sealing.bottom.air': 'Air shall pass under the leaf.',
  'sealing.bottom.none': 'Nothing recorded asks for a seal under the leaf.',
  'sealing.against.thin': 'It is mortised into a leaf of {needed}; this one is {leaf}.',
  'sealing.against.seen': 'It is seen.',
  'sealing.against.drags': 'It drags over the floor at every opening.',
  'sealing.against.leak': 'The gap under the leaf stays open.',
  'sealing.material.smooth': 'The floor is smooth: a bulb lies on it.',
  'sealing.material.light': 'The floor has a light texture: sponge neoprene follows it.',
  'sealing.material.rough': 'Pits, ribs, pile or joints above {most}: only a brush follows them.',
  'sealing.material.sweep': 'A sweep of neoprene; the floor is not recorded as rough.',
  'sealing.material.sound': 'Sound is held back by a bulb pressed onto something hard and even.',
  'sealing.soundFloor':
    'The floor under the leaf is {floor}: a seal holds sound back only on something hard and even. A flat threshold plate under it.',
  'sealing.material.assumed': 'The floor is not recorded: taken as smooth.',
  'sealing.bottomLength':
    'The leaf’s width less {short} of end clearance; cut at the end away from the plunger.',
  'sealing.threshold': 'As wide as the frame’s opening, notched at the stops.',
  'sealing.meeting.wanted': 'The seal goes on between the leaves; their edges are square.',
  'sealing.meeting.overlap': 'The overlap of the edges carries the seal.',
  'sealing.meeting.none': 'Nothing asks for a seal between the leaves.',
  'sealing.sound':
    'Leaf {leaf} dB; of what comes through, {first} lets {firstShare} %, {second} {secondShare} %, all else {rest} %.',
  'sealing.sound.assumed':
    'The leaf’s own insulation is not recorded: the usual of its construction.',
  'sealing.soundShort':
    'It comes to {is}; {wanted} is wanted. The weakest is {weakest}, with {share} % of what comes through: begin there.',
  'sealing.soundLeaf':
    'It comes to {is}; {wanted} is wanted, and the leaf alone has {leaf} dB: no seal makes up for that. A leaf tested for it.',
  'sealing.dropShort':
    'The seal drops {drop}; the gap under the leaf is {gap} with {uneven} of unevenness.',
  'sealing.airUnder': 'Air shall pass under the leaf, and the gap is sealed: a vent elsewhere.',
  'sealing.airRated': 'A gap for air under a rated leaf: not more than {most}.',
  'sealing.plunger':
    'The plunger of the drop seal stands at the hinge side: a plate where it rubs, and the meeting of seal and threshold at both ends.',
  'sealing.corners': 'The seal is cut for {what}: close the corner, or move it.',
  'sealing.closes':
    'A sealed leaf that nothing closes leaks while it stands ajar: a closer, or somebody who shuts it.',
  'sealing.force':
    'Its seals push back with about {push} at the edge: prove that the closer still latches it, and what it takes to open.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof SEALING_MESSAGES> {}
}
