import type { SetStage } from '../model/index.js';
import { broken, defineLaw, everyRegion, KEPT, NO_CONCERN } from './law.js';

/** How leaf and frame are cut for what a written line names, by its words; the first that it has. */
const CUTS: Readonly<
  Partial<Record<SetStage, readonly (readonly [cut: string, words: RegExp])[]>>
> = {
  securing: [
    ['bore', /\bmort[ic]ce latch\b/i],
    ['face', /\b(?:rim|surface|vertical rod|svr)\b|night latch/i],
    ['pocket', /\b(?:mortise|mortice|sash ?lock|einsteckschloss|multi-?point)\b/i],
    ['bore', /\b(?:cylindrical|bored|tubular|knob ?set|lever ?set)\b/i],
    ['patch', /\bpatch (?:lock|fitting)\b/i],
  ],
  hanging: [
    ['continuous', /\b(?:continuous|piano|geared) hinges?\b/i],
    ['pivots', /\bpivots?\b/i],
    ['concealed', /\b(?:concealed|invisible) hinges?\b/i],
    ['track', /\b(?:track|sliding gear|hangers?)\b/i],
    ['hinges', /\b(?:butts?|butt hinges?|full mortise hinges?)\b/i],
  ],
  closing: [
    ['floor', /\bfloor (?:closer|spring)s?\b/i],
    ['concealed', /\bconcealed (?:overhead )?closers?\b/i],
    ['surface', /\b(?:surface(?: mounted)? closers?|overhead closers?|door closers?)\b/i],
  ],
};

/** What a person wrote into the set is what leaf and frame are prepared for. */
export const WRITTEN = defineLaw({
  id: 'written',
  stage: 'opening',
  source: everyRegion('what is written and what is prepared'),
  hold(state) {
    const lines = state.facts.manualItems;
    if (!lines || lines.length === 0) return NO_CONCERN;
    for (const { stage, description } of lines) {
      const prepared = state.prepared[stage];
      const cut = CUTS[stage]?.find(([, words]) => words.test(description))?.[0];
      // An electric strike or a cylinder for a lock is none.
      if (!prepared || !cut || cut === prepared) continue;
      if (/\b(?:strike|cylinder|keeper)\b/i.test(description)) continue;
      if (lines.some((one) => one.stage === stage && isCut(one.stage, one.description, prepared)))
        continue;
      return broken('law.writtenCut', 'stop', [`${stage}.${KEYS[stage] ?? 'kind'}`], {
        written: description,
        wants: { term: `law.cut.${cut}` },
        has: { term: `law.cut.${prepared}` },
      });
    }
    return KEPT;
  },
});

const isCut = (stage: SetStage, description: string, prepared: string): boolean =>
  CUTS[stage]?.find(([, words]) => words.test(description))?.[0] === prepared;

const KEYS: Readonly<Partial<Record<SetStage, string>>> = {
  securing: 'kind',
  hanging: 'device',
  closing: 'device',
};

/** Nothing that is left out on purpose is needed for fire or flight. */
export const LEFT_OUT = defineLaw({
  id: 'leftOut',
  stage: 'opening',
  source: everyRegion('what is left out on purpose'),
  hold(state) {
    if (state.omittedStages.size === 0) return NO_CONCERN;
    const rated = typeof state.facts.rating === 'number' && state.facts.rating > 0;
    const stage = (['hanging', 'closing', 'securing', 'sealing'] as const).find((one) =>
      state.omittedStages.has(one),
    );
    if (!rated || !stage) return KEPT;
    return broken('law.leftOut', 'check', ['rating'], { what: { term: `stage.${stage}` } });
  },
});
