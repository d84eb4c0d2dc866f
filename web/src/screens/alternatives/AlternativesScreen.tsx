import { toast } from 'sonner';
import { useNavigate } from 'react-router';
import {
  unitsOf,
  CONSTRAINTS,
  wishesOf,
  type FactsPatch,
  type OpeningFacts,
  type Constraint,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { useProject } from '../../data/project.js';
import { useOpeningPage } from '../../opening/page.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { Waiting } from '../../parts/Message.js';
import { Say } from '../../parts/Say.js';
import { useAlternatives } from '../../worker/client.js';
import { TodayColumn, AlternativeColumn } from './AlternativeColumn.js';

/** What a press on a wish records or takes back; the others follow from facts kept elsewhere. */
const SWITCHES: Partial<Record<Constraint, (on: boolean) => FactsPatch>> = {
  nothingVisible: (on) => ({ nothingVisible: on ? true : undefined }),
  noThreshold: (on) => ({ threshold: on ? 'none' : undefined }),
  sealed: (on) => ({ bottomSeal: on ? 'any' : undefined }),
  closes: (on) => ({ closer: on ? 'any' : undefined }),
  holdOpen: (on) => ({ holdOpen: on ? true : undefined }),
};

/** The facts that differ, as one patch. */
function patchTo(before: OpeningFacts, after: OpeningFacts): FactsPatch {
  const patch: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(before), ...Object.keys(after)])) {
    const [was, is] = [before, after].map((facts) => facts[key as keyof OpeningFacts]);
    if (JSON.stringify(was) !== JSON.stringify(is)) patch[key] = is;
  }
  return patch as FactsPatch;
}

/** Alternatives to what clashes or is wished in vain, side by side with what stands today. */
export function AlternativesScreen() {
  const { openingId, address, facts, canEdit, onPatch } = useOpeningPage();
  const { basis } = useProject();
  const navigate = useNavigate();
  const found = useAlternatives(openingId, facts, basis);
  const wished = wishesOf(facts);
  const take = (then: OpeningFacts) => {
    onPatch(patchTo(facts, then));
    toast('Taken. Undo takes it back in one step.');
    void navigate(address);
  };
  return (
    <div className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)]">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule px-4 py-2">
        <span className="caps">Wished</span>
        {CONSTRAINTS.map((wish) => {
          const set = SWITCHES[wish];
          const on = wished.includes(wish);
          return (
            <CheckBox
              key={wish}
              className={on ? '' : 'text-soft'}
              checked={on}
              disabled={!set || !canEdit}
              onChange={(next) => set && onPatch(set(next))}
            >
              <span title={set ? undefined : 'Follows from the opening’s facts'}>
                {termText(`wish.${wish}`)}
              </span>
            </CheckBox>
          );
        })}
      </div>
      {found ? (
        <div className="min-h-0 overflow-auto" tabIndex={0} role="region" aria-label="Alternatives">
          {found.alternatives.length === 0 ? (
            <p className="px-4 py-6 text-soft">
              {found.wishes.length === 0
                ? 'Nothing is wished yet: say above what matters, and record closer, bottom seal and lock on the opening’s page.'
                : 'No neighbouring choice is free of clashes. Change a wish above.'}
            </p>
          ) : (
            <div
              className="grid grid-rows-[repeat(7,auto)] gap-x-3 px-4 py-3"
              style={{
                gridTemplateColumns: `repeat(${found.alternatives.length + 1}, minmax(236px, 1fr))`,
              }}
            >
              <TodayColumn found={found} units={unitsOf(found.now)} />
              {found.alternatives.map((alternative, index) => (
                <AlternativeColumn
                  key={index}
                  number={index + 1}
                  alternative={alternative}
                  found={found}
                  units={unitsOf(found.now)}
                  canEdit={canEdit}
                  onTake={() => take(alternative.facts)}
                />
              ))}
            </div>
          )}
          {found.refused.length > 0 && (
            <section aria-label="Not possible" className="sticky left-0 max-w-[1240px] px-4 pb-6">
              <h2 className="border-b-2 border-ink text-base">Not possible here</h2>
              {found.refused.map(({ family, why }) => (
                <p key={family} className="flex gap-3 border-b border-rule py-1">
                  <span className="w-56 shrink-0 font-semibold">
                    {termText(family === 'threshold' ? 'family.threshold' : `device.${family}`)}
                  </span>
                  <span className="text-oxide">
                    {why.map((said, index) => (
                      <span key={index} className="block">
                        <Say said={said} units={unitsOf(found.now)} />
                      </span>
                    ))}
                  </span>
                </p>
              ))}
            </section>
          )}
          <p className="sticky left-0 max-w-[1240px] px-4 pb-6 text-xs text-soft">
            {found.decided} combinations of hanging, foot, frame, closer, bottom seal and lock were
            decided; the best of each kind of hanging is shown. An aid to preparation: listings, the
            makers and the authority decide.
          </p>
        </div>
      ) : (
        <Waiting what="Looking for alternatives …" />
      )}
    </div>
  );
}
