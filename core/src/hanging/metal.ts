import {
  valueOrUndefined,
  message,
  type Alternative,
  type OpeningFacts,
  type Why,
} from '../model/index.js';

/** Finishes that stainless steel is not made in: brass in its own colour. */
const LOOKS_BRASS = /brass|messing|(?<!\d)(?:us ?[34]|60[56])(?!\d)/i;

/** Base metal of the hanging: stainless in weather or salt, never brass on rated leaves. */
export function metalFor(facts: OpeningFacts): {
  metal: string;
  reasons: Why;
  alternatives: () => Alternative[];
} {
  const rated = typeof facts.rating === 'number' && facts.rating > 0;
  const weather = facts.exterior === true || facts.salt === true;
  const alternatives = (): Alternative[] => [
    weather
      ? { value: 'steel', against: message('hanging.against.steelRusts') }
      : { value: 'steel' },
    { value: 'stainless' },
    rated ? { value: 'brass', against: message('hanging.against.brassRated') } : { value: 'brass' },
  ];
  if (weather && !rated && facts.salt !== true && LOOKS_BRASS.test(facts.finish ?? ''))
    return { metal: 'brass', reasons: () => [message('hanging.metal.brass')], alternatives };
  if (weather) {
    return {
      metal: 'stainless',
      reasons: () => [
        message(facts.salt === true ? 'hanging.metal.salt' : 'hanging.metal.weather'),
      ],
      alternatives,
    };
  }
  return {
    metal: 'steel',
    reasons: () => [message(rated ? 'hanging.metal.rated' : 'hanging.metal.inside')],
    alternatives,
  };
}

/** Non-removable pins where knuckles stand outside a secured or exterior leaf. */
export function pinFor(
  facts: OpeningFacts,
  knuckles: 'inside' | 'outside' | undefined,
): { pin: string; reasons: Why; alternatives: () => Alternative[] } | 'needs-hand' {
  const secured = facts.secured === true || (facts.exterior === true && facts.secured !== false);
  if (secured && knuckles === undefined) return 'needs-hand';
  const exposed = secured && knuckles === 'outside';
  return {
    pin: exposed ? 'non-removable' : 'removable',
    reasons: () => [
      message(
        exposed
          ? 'hanging.pin.exposed'
          : knuckles === 'inside'
            ? 'hanging.pin.inside'
            : valueOrUndefined(facts.secured) === undefined
              ? 'hanging.pin.securedUnknown'
              : 'hanging.pin.unsecured',
      ),
    ],
    alternatives: () => [
      exposed
        ? { value: 'removable', against: message('hanging.against.pinExposed') }
        : { value: 'removable' },
      { value: 'non-removable' },
    ],
  };
}
