import type { HangingRecord } from './decisions.js';
import { valueOrUndefined, message, type HangingDevice } from '../model/index.js';
import type { Handing } from '../handing/index.js';
import { type Practice, RATED_HINGES } from '../practice/index.js';
import { metalFor, pinFor } from './metal.js';
import { inPractice, type Role, ROLE } from '../roles/index.js';

/** Whether a door is of a kind that has no rating where nobody recorded one: a gate, and most of a house. */
function isNeverRated(role: Role | undefined, { base, values }: Practice): boolean {
  if (role === undefined) return false;
  const rated = inPractice(ROLE[role].make.rated, base);
  return (
    rated === 'never' || (rated === 'not in dwellings' && values.roomsOf.value === 'dwellings')
  );
}

/** Base metal of the hanging, and what it is fastened with: pins drilled in take no screws. */
export function decideMetal(
  record: HangingRecord,
  device: HangingDevice,
  practice: Practice,
  role: Role | undefined,
): string {
  const { facts } = record;
  const wanted = metalFor(facts);
  if (
    valueOrUndefined(facts.rating) === undefined &&
    !(facts.rating === undefined && isNeverRated(role, practice))
  ) {
    record.report('check', 'hanging.ratingUnknown', {}, 'fire practice; the authority decides', [
      'rating',
    ]);
  }
  const metal = record.propose('metal', wanted.metal, {
    reasons: wanted.reasons,
    alternatives: wanted.alternatives,
    facts: ['exterior', 'salt', 'rating'],
  });
  if (metal === 'brass' && valueOrUndefined(facts.rating)) {
    record.report('stop', 'hanging.brassRated', {}, RATED_HINGES, ['hanging.metal', 'rating']);
  }
  if (device === 'drill-in') return metal;
  if (device === 'tee-hinge' || device === 'rising')
    record.decide('screws', device === 'rising' ? 'through' : 'bolts', {
      reasons: () => [
        message(device === 'rising' ? 'hanging.screws.cold' : 'hanging.screws.bolts'),
      ],
    });
  else if (facts.acidTimber === true) {
    record.decide('screws', 'stainless', {
      reasons: () => [message('hanging.screws.acid')],
      facts: ['acidTimber'],
    });
  } else {
    const material = valueOrUndefined(record.facts.frameMaterial);
    if (material) {
      record.decide('screws', material === 'timber' ? 'wood' : 'machine', {
        reasons: () => [
          message(material === 'timber' ? 'hanging.screws.wood' : 'hanging.screws.machine'),
        ],
        facts: ['frameMaterial'],
      });
    } else record.ask('screws', 'ask.frameMaterial', ['frameMaterial']);
  }
  return metal;
}

/** Removable or non-removable pins; undefined while that depends on an open hand. */
export function decidePin(record: HangingRecord, handing: Handing): string | undefined {
  const wanted = pinFor(record.facts, handing.names?.knuckles);
  if (wanted === 'needs-hand') {
    record.ask('pin', 'ask.handFirst', ['hingeSide', 'swing']);
    return undefined;
  }
  const pin = record.propose('pin', wanted.pin, {
    reasons: wanted.reasons,
    alternatives: wanted.alternatives,
    facts: ['secured', 'exterior'],
  });
  if (
    pin === 'removable' &&
    valueOrUndefined(record.facts.secured) === undefined &&
    handing.names?.knuckles === 'outside'
  ) {
    record.report('note', 'hanging.securedUnknown', {}, 'trade practice', [
      'secured',
      'hanging.pin',
    ]);
  }
  if (pin === 'removable' && wanted.pin === 'non-removable') {
    record.report('check', 'hanging.pinExposed', {}, 'trade practice', ['hanging.pin']);
  }
  return pin;
}
