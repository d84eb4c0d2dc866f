import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of an exam or treatment room, a laboratory. */
export const treatment = defineRole({
  id: 'treatment',
  rooms: {
    usual:
      'exam, examination, operatory, operatories, treatment, procedure, lab, laboratory, consulting, consult, imaging, x-ray, pathology, clinic, medical, nurse, first aid, dental, triage, therapy, prep, prep room, sick bay, endoscopy, ultrasound, ct, ct scan, mammography, radiology, fluoroscopy, blood draw, phlebotomy, infusion, sterile, sterile processing, cssd, morgue, mortuary, autopsy, post mortem, physio, physiotherapy, physical therapy, ot/pt, audiology, mi room, health room, consultation, plaster room, autoclave, vivarium, cage wash, gowning, cleanroom, clean room, darkroom, dark room, decon, decontamination',
    dwellings: { instead: '' },
    german: {
      and: 'sprech, schwestern, behandlung, untersuchung, arzt, labor, sanitätsraum, vorbereitung, röntgen, steri, sterilisation, steriraum, physiotherapie, schockraum, eingriff, ambulanz, labor, erste hilfe',
    },
  },
  readAs: {
    place: 18,
    ownDoor: false,
    lastWord: true,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'classroom' },
    whenLocked: null,
    letIn: true,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'rated' },
    mayStandWithout: false,
    eitherSide: false,
    heldOpen: false,
    backCheck: false,
  },
  smoke: { usual: 'never' },
  sound: { usual: 0 },
  escape: {
    wayOut: 'no',
    common: false,
    gathering: false,
    asksPeople: false,
    through: 'room',
    amperes: false,
  },
  occupancy: null,
  load: 'treatment',
  make: {
    leaf: {
      usual: 'timber-particle',
      'us-residential': 'timber-hollow',
      continental: 'timber-tubular',
    },
    frame: { usual: 'steel', 'us-residential': 'timber', british: 'timber' },
    frequency: { usual: 'medium', 'us-residential': 'low' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: false },
  secondLeaf: 'people',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: {
    fitted: {
      usual: 'kick',
      'us-residential': 'none',
      'us-commercial': 'armor',
      continental: 'none',
    },
    alsoLeftOpen: true,
  },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
