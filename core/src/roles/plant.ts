import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a plant or refuse room. */
export const plant = defineRole({
  id: 'plant',
  rooms: {
    usual:
      'plant, plantroom, boiler, mechanical, mech, pump, pump room, fire pump, sprinkler, refuse, trash, recycling, rubbish, waste, garbage, bin store, bins, lift machine, lift motor, elevator machine, elev mach, elev machine, lift mach, machine, generator, ahu, fan room, hvac, heating, water heater, water tank, tank room, gas meter, trash chute, linen chute, chute, compactor, bin room, bin stores, lmr, elevator control, lift control, chiller, chillers, cooling plant, fan, pool equipment, filtration, filter plant, furnace, furnace room, water treatment, hydraulic, sprinkler valve, sprinkler tank, biomass, calorifier, emr, mer, compressor, compressor room, dust extraction, plant deck',
    buildings: { and: 'riser' },
    german: {
      and: 'heiz, heizraum, kessel, lüftungszentrale, pumpen, sprinklerzentrale, heizzentrale, technik, technikraum, heizung, lüftung, müll, müllraum, aufzugsmaschinenraum, heizungskeller, heizkeller, müllsammelraum, aufzugstechnik, kälte, kältezentrale, notstrom, notstromaggregat, sprinkler, wasseraufbereitung, schwimmbadtechnik',
    },
  },
  readAs: {
    place: 9,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: true,
    passedInDwelling: false,
    domestic: false,
    onRoofs: true,
  },
  lock: {
    use: { usual: 'store' },
    whenLocked: null,
    letIn: true,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'always' },
    mayStandWithout: true,
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
    through: 'last',
    amperes: false,
  },
  occupancy: null,
  load: 'equipment',
  make: {
    leaf: {
      usual: 'steel-honeycomb-18',
      british: 'timber-particle',
      australasian: 'timber-particle',
    },
    frame: { usual: 'steel', 'us-residential': 'timber', british: 'timber' },
    frequency: { usual: 'low', 'us-commercial': 'medium' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: true },
  secondLeaf: 'equipment',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: {
    fitted: { usual: 'kick', 'us-residential': 'none', continental: 'none' },
    alsoLeftOpen: false,
  },
  viewers: 'none',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
