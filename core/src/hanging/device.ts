import {
  said,
  type Alternative,
  type HangingDevice,
  type OpeningFacts,
  type Said,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';

/** The device Riegel takes and every other with what speaks against it. */
export function deviceFor(
  facts: OpeningFacts,
  practice: Practice,
  mass: number | undefined,
): { device: HangingDevice; reasons: Said[]; alternatives: Alternative[] } {
  if (facts.kind === 'bi-fold') {
    return { device: 'folding-gear', reasons: [said('hanging.device.folding')], alternatives: [] };
  }
  if (facts.kind === 'sliding' || facts.kind === 'pocket') {
    return { device: 'sliding-gear', reasons: [said('hanging.device.sliding')], alternatives: [] };
  }
  if (facts.kind === 'double-acting') {
    return {
      device: 'centre-pivot',
      reasons: [said('hanging.device.doubleActing')],
      alternatives: [
        { value: 'centre-pivot' },
        {
          value: 'double-acting-spring',
          ...(mass !== undefined && mass > practice.values.liftAlone.value
            ? { against: said('hanging.against.springHeavy', { mass: { grams: mass } }) }
            : {}),
        },
      ],
    };
  }
  const rated = typeof facts.rating === 'number' && facts.rating > 0;
  const { massCarried } = practice.values;
  const beyond = mass !== undefined && mass > massCarried.value.heavy * 1.5;
  const alternatives: Alternative[] = [
    beyond
      ? {
          value: 'butt',
          against: said('hanging.against.tooHeavy', {
            mass: { grams: mass },
            limit: { grams: massCarried.value.heavy },
          }),
        }
      : { value: 'butt' },
    {
      value: 'continuous',
      against: said(rated ? 'hanging.against.continuousRated' : 'hanging.against.continuousGap', {
        gap: { ticks: practice.values.continuousHingeGap.value },
      }),
    },
    { value: 'offset-pivot', against: said('hanging.against.pivotFloor') },
    {
      value: 'centre-pivot',
      against: said(rated ? 'hanging.against.centreRated' : 'hanging.against.centreSeal'),
    },
  ];
  return beyond
    ? {
        device: 'offset-pivot',
        reasons: [
          said('hanging.device.heavy', {
            mass: { grams: mass },
            limit: { grams: massCarried.value.heavy },
          }),
        ],
        alternatives,
      }
    : { device: 'butt', reasons: [said('hanging.device.butt')], alternatives };
}
