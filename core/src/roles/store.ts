import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a store. */
export const store = defineRole({
  id: 'store',
  rooms: {
    usual:
      'store, under stairs, understairs, under-stairs, understair, stores, storage, stor, sto, storeroom, closet, clo, cupboard, cpd, linen, janitor, jan, custodian, custodial, housekeeping, cleaner, cleaning, archive, archives, records, files, file room, supply, supplies, cellar, pantry, larder, wardrobe, wir, robe, robes, walk-in, utility, clean utility, soiled utility, soiled, util, clean util, laundry, cloakroom, coats, coat room, check room, stock room, stockroom, stock, package room, parcel room, parcels, bike, bikes, bicycle, bicycles, cycle, cycles, bike room, tool crib, tool room, tools, hazmat, gas cylinder, gas cylinders, cylinders, props, prop room, lost and found, lost & found, soiled holding, clean holding, sluice, dsr, wic, walk-in closet, walk in closet, airing cupboard, maintenance, maintenance shop, machine shop, costume store, instrument, equipment store, coat check, wine cellar, turnout gear, kiln, biohazard, evs, drying room, disposal, disposal room, shed, wip, wil, ldry, boiler cupboard, gas cupboard, cylinder cupboard, hot water cupboard, hwc',
    german: {
      and: 'wäsche, geräte, stuhllager, vorrat, vorrats, reinigung, akten, lager, abstellraum, abstellkammer, putzraum, putzmittel, archiv, keller, kammer, hauswirtschaft, fahrrad, fahrradraum, fahrradkeller, fahrräder, kinderwagen, kinderwagenraum, waschküche, trockenraum, kellerabteil, mieterkeller, mieter-keller, speisekammer, speis, hwr, hauswirtschaftsraum, unrein, unreiner arbeitsraum, rein, reiner arbeitsraum, dachboden, spitzboden, requisiten, kulissen, pufferlager, stuhl, stühle, müllsammel, ankleide, schmutzraum, trockenlager, chemikalienlager, gaslager, materiallager, warenlager, getränkelager, möbellager, sammlung, speicher',
    },
  },
  readAs: {
    place: 10,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'store' },
    whenLocked: null,
    letIn: true,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'always', 'us-residential': 'rated' },
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
  load: 'store',
  make: {
    leaf: {
      usual: 'timber-particle',
      'us-residential': 'timber-hollow',
      continental: 'timber-tubular',
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
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
