import type { Settling } from '../opening/index.js';
import { known, said, term } from '../opening/index.js';
import type { Handing } from '../handing/index.js';
import { metalFor, pinFor } from './metal.js';

/** Base metal and screws of the hanging. */
export function decideMetal(settling: Settling): string {
  const { facts } = settling;
  const wanted = metalFor(facts);
  if (known(facts.rating) === undefined) {
    settling.find('check', 'hanging.ratingUnknown', {}, 'fire practice; the authority decides', [
      'rating',
    ]);
  }
  const metal = settling.choose(
    'metal',
    wanted.metal as string,
    (value) => term(`metal.${value}`),
    {
      reasons: wanted.reasons,
      alternatives: wanted.alternatives,
      facts: ['exterior', 'salt', 'rating'],
    },
  );
  if (metal === 'brass' && known(facts.rating)) {
    settling.find('stop', 'hanging.brassRated', {}, 'NFPA 80', ['hanging.metal', 'rating']);
  }
  if (facts.acidTimber === true) {
    settling.fix('screws', term('screws.stainless'), {
      reasons: [said('hanging.screws.acid')],
      facts: ['acidTimber'],
    });
  } else {
    const material = settling.fact('frameMaterial');
    if (material) {
      settling.fix('screws', term(material === 'timber' ? 'screws.wood' : 'screws.machine'), {
        reasons: [said(material === 'timber' ? 'hanging.screws.wood' : 'hanging.screws.machine')],
        facts: ['frameMaterial'],
      });
    } else settling.open('screws', said('ask.frameMaterial'), ['frameMaterial']);
  }
  return metal;
}

/** Removable or non-removable pins; undefined while that depends on an open hand. */
export function decidePin(settling: Settling, handing: Handing): string | undefined {
  const wanted = pinFor(settling.facts, handing.names?.knuckles);
  if (wanted === 'needs-hand') {
    settling.open('pin', said('ask.handFirst'), ['hingeSide', 'swing']);
    return undefined;
  }
  const pin = settling.choose('pin', wanted.pin as string, (value) => term(`pin.${value}`), {
    reasons: wanted.reasons,
    alternatives: wanted.alternatives,
    facts: ['secured', 'exterior'],
  });
  if (
    pin === 'removable' &&
    settling.fact('secured') === undefined &&
    handing.names?.knuckles === 'outside'
  ) {
    settling.find('note', 'hanging.securedUnknown', {}, 'trade practice', [
      'secured',
      'hanging.pin',
    ]);
  }
  if (pin === 'removable' && wanted.pin === 'non-removable') {
    settling.find('check', 'hanging.pinExposed', {}, 'trade practice', ['hanging.pin']);
  }
  return pin;
}
