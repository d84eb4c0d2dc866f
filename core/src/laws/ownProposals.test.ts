import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { projectBasis } from '../project/index.js';
import { ROLES } from '../roles/index.js';

/** What is told though nobody decided it otherwise: it follows from what is recorded, and no proposal is free of it. */
const FOLLOWS: Readonly<Record<string, string>> = {
  'closing.forceRated':
    'a rated leaf that an accessible route asks to be light: the authority decides',
  'hanging.clearShort': 'the frame that is recorded is narrower than beds ask for',
  'law.smokeAround': 'a gate or a cold room recorded as holding smoke back',
  'securing.noLatchTested': 'cross-corridor leaves without latch are usual there, as tested',
  'sizing.ratedGap': 'the gap of an unrated pair, where its listing is asked for less',
  'law.secondLoose': 'the second leaf of a riser, bolted by hand and kept locked',
  'securing.ratedThrow': 'a latch of the made length: as listed',
  'continental closing.latches':
    'seals of a flat against sound, on an accessible route of 25 N: a free-swing or powered closer',
  'us-residential securing.notMet':
    'locks of hotels and flats, which a practice of houses does not make',
  'powering.nothingToRelease': 'a guest room in a house, where nobody makes such locks',
};

describe('what is proposed where nobody chose', () => {
  it.each(PRACTICE_IDS)('carries no warning of its own, for any role: %s', (practice) => {
    const basis = projectBasis(practice);
    const us = practice.startsWith('us');
    const width = us ? inches(36) : mm(1010);
    const told: string[] = [];
    for (const role of ROLES)
      for (const kind of ['single', 'pair', 'unequal-pair'] as const)
        for (const rating of [0, 30])
          for (const accessible of [false, true]) {
            const facts: OpeningFacts = {
              mark: '1',
              kind,
              role,
              rating,
              accessible,
              smoke: rating > 0,
              hingeSide: 'left',
              active: 'left',
              swing: 'out',
              outside: 'from',
              frameWidth: kind === 'single' ? width : 2 * width,
              frameHeight: us ? inches(84) : mm(2110),
            };
            for (const { code, level } of decideOpening(facts, basis, { explain: false }).findings)
              if (level !== 'note' && !(code in FOLLOWS) && !(`${practice} ${code}` in FOLLOWS))
                told.push(`${level} ${code}: ${role} ${kind} ${rating}`);
          }
    expect(told).toEqual([]);
  });
});
