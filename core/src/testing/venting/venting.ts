import {
  asLength,
  asTerm,
  decisionTable,
  defineRules,
  valueOrUndefined,
  lengthFact,
  message,
  solid,
  span,
  choiceFact,
  type FactsOf,
  type Recorder,
} from '../../model/index.js';
import { inches } from '../../measure/index.js';
import { everywhere, sourced, TRADE, type ValuesOf } from '../../practice/index.js';
import { flag, object, integer, type Shape } from '../../shape/index.js';
import { defineStage, type StageInput } from '../../stageContract/index.js';

/*
 * A stage that is no part of the work: transfer grilles, put together by following docs/architecture.md.
 * It is added in `venting.test.ts` as any stage would be, by one line in the list.
 */

export const VENTING_FACTS = {
  /** Free area wanted through the leaf, as the height of a grille over half its width. */
  grille: lengthFact({ by: 'architect', first: true }),
  grilleKind: choiceFact(['plain', 'fire'], 'grilleKind', { by: 'architect' }),
};

interface Louvre {
  slats: number;
  closable?: boolean | undefined;
}

const LOUVRE: Shape<Louvre> = object({ slats: integer(1, 99) }, { closable: flag });

export const VENTING_DECISIONS = decisionTable('venting', {
  width: asLength('down', [inches(2), inches(40)]),
  kind: asTerm<'plain' | 'fire'>('grilleKind'),
});

export const VENTING_MESSAGES = {
  'venting.width': 'Half the leaf of {leaf}, for {grille} of height.',
  'venting.kind': 'As the rating asks.',
  'venting.against.plain': 'A plain grille lets fire through.',
  'venting.tooHigh': 'A grille of {grille} is more than {most} high.',
  'ask.grille': 'How high is the grille?',
} as const;

export const VENTING_VALUES = {
  grilleMost: everywhere(sourced(inches(24), 'length', TRADE, 'limit')),
};

export interface Venting {
  width: number | undefined;
}

type VentingRecord = Recorder<(typeof VENTING_DECISIONS)['specs']>;

function decideVenting(
  { facts, practice, results }: StageInput<'sizing'>,
  record: VentingRecord,
): Venting {
  const grille = valueOrUndefined(facts.grille);
  const leaf = results.sizing.leaves[0]!.width;
  if (grille === undefined || leaf === undefined) {
    record.ask('width', 'ask.grille', ['grille']);
    return { width: undefined };
  }
  const { grilleMost } = practice.values;
  if (grille > grilleMost.value)
    record.report(
      'stop',
      'venting.tooHigh',
      { grille: { ticks: grille }, most: { ticks: grilleMost.value } },
      grilleMost.source,
      ['grille'],
    );
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const width = record.propose('width', Math.round(leaf / 2), {
    reasons: () => [message('venting.width', { leaf: { ticks: leaf }, grille: { ticks: grille } })],
    alternatives: () => [{ value: Math.round(leaf / 3) }],
    facts: ['grille'],
  });
  record.propose('kind', rated ? 'fire' : 'plain', {
    reasons: () => [message('venting.kind')],
    alternatives: () => [
      rated ? { value: 'plain', against: message('venting.against.plain') } : { value: 'plain' },
      { value: 'fire' },
    ],
  });
  record.items.push({
    stage: 'venting',
    term: 'item.grille',
    quantity: 1,
    unit: 'each',
    width,
    height: grille,
    traits: [],
    handed: false,
  });
  return { width };
}

const VENTING_RULES = defineRules({ 'venting.tooHigh': { levels: ['stop'], who: 'specifier' } });
type VentingRules = typeof VENTING_RULES;

export const venting = defineStage({
  rules: VENTING_RULES,
  id: 'venting',
  needs: ['sizing'],
  facts: VENTING_FACTS,
  records: { louvre: LOUVRE },
  values: VENTING_VALUES,
  decisions: VENTING_DECISIONS,
  messages: VENTING_MESSAGES,
  terms: {
    'stage.venting': 'Venting',
    'fact.grille': 'Grille, height',
    'fact.grilleKind': 'Kind of grille',
    'fact.louvre': 'Louvre',
    'grilleKind.plain': 'plain',
    'grilleKind.fire': 'fire-rated',
    'name.venting.width': 'Width of the grille',
    'name.venting.kind': 'Kind of grille',
    'value.grilleMost': 'Highest grille',
    'item.grille': 'Transfer grille',
    'solid.grille': 'the grille',
    'prepGroup.grille': 'Grille',
    'prep.grilleCut': 'Cut-out',
  },
  hardware: true,
  decide: decideVenting,
  solids: ({ facts, results }, leaf) => {
    const { width } = results.venting;
    const grille = valueOrUndefined(facts.grille);
    if (width === undefined || grille === undefined) return [];
    return [
      solid('grille', 'solid.grille', leaf.id, 'in', {
        x: span((leaf.width - width) / 2, width),
        y: span(inches(6), grille),
        z: span(0, leaf.thickness),
      }),
    ];
  },
  prepare: ({ facts, results }) => {
    const { width } = results.venting;
    const grille = valueOrUndefined(facts.grille);
    if (width === undefined || grille === undefined) return undefined;
    const at = (ticks: number) => ({ type: 'length', ticks, rounding: 'nearest' }) as const;
    return {
      groups: [
        {
          name: 'prepGroup.grille',
          lines: [{ name: 'prep.grilleCut', values: [at(width), at(grille)] }],
        },
      ],
      bits: [],
      row: undefined,
      notes: [],
    };
  },
});

declare module '../../model/registry.js' {
  interface Rules extends VentingRules {}
  interface SingleFacts extends FactsOf<typeof VENTING_FACTS> {}
  interface OpeningFacts {
    louvre?: Louvre | undefined;
  }
  interface Results {
    venting: Venting;
  }
  interface HardwareStages {
    venting: true;
  }
  interface Decisions {
    venting: (typeof VENTING_DECISIONS)['specs'];
  }
  interface Messages extends Readonly<typeof VENTING_MESSAGES> {}
}

declare module '../../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof VENTING_VALUES> {}
}
