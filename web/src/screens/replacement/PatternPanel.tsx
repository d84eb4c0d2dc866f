import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import {
  buildPractice,
  compareDrawing,
  compareHinges,
  lengthPart,
  patternOf,
  PRACTICES,
  practiceOf,
  type DecidedOpening,
  type EditedPractice,
  type FactsPatch,
  type HingePattern,
  type PatternMatch,
  type Units,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { ApiProblem } from '../../base/api.js';
import { useProject } from '../../data/project.js';
import { ModelView } from '../../drawing/ModelView.js';
import { Figures } from '../../parts/Figure.js';

/** Below this a residual shows as nothing. Ticks. */
const UNSEEN = 80;

const signed = (ticks: number, units: Units) =>
  Math.abs(ticks) < UNSEEN ? (
    <>0</>
  ) : (
    <>
      {ticks > 0 ? '+' : '−'}
      <Figures parts={[lengthPart(Math.abs(ticks), { ...units, denominator: 64 })]} units={false} />
    </>
  );

const patternName = (id: string) => {
  const name = termText(`pattern.${id}`);
  return name === `pattern.${id}` ? id : name;
};

/** The frame's hinges held against every pattern of the library, hinge by hinge, and what a chart would do. */
export function PatternPanel({
  decided,
  units,
  canEdit,
  onPatch,
}: {
  decided: DecidedOpening;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const { matches } = decided.results.replacing!;
  const existing = decided.results.hanging.existing;
  const [shown, setShown] = useState<string | undefined>();
  const [all, setAll] = useState(false);
  const match = matches.find((one) => one.id === shown) ?? matches[0];
  if (!existing || !match) {
    return (
      <section aria-label="Hinges">
        <h2 className="border-b-2 border-ink text-base">Hinges</h2>
        <p className="py-1 text-soft">
          The frame’s hinges are not all read yet: number, positions and height. Until then no leaf
          is cut to them.
        </p>
      </section>
    );
  }
  const leafHeight = decided.results.hanging.leaves[0]!.leaf.height!;
  const chosen = decided.decisions.find((one) => one.key === 'hanging.pattern')?.value;
  // The project's own, and the nearest of others.
  const few = matches.filter(({ own }) => own).length + 2;
  const bySurvey = chosen?.type === 'term' && chosen.term === 'pattern.survey';
  return (
    <section aria-label="Hinges">
      <div className="flex items-baseline gap-3 border-b-2 border-ink">
        <h2 className="text-base">Hinges against the patterns</h2>
        <span className={bySurvey ? 'basis-measured' : 'basis-chosen'}>
          {bySurvey
            ? 'cut to survey'
            : `by ${chosen?.type === 'term' ? termText(chosen.term) : ''}`}
        </span>
        <span className="flex-1" />
        {canEdit && <AddPattern decided={decided} />}
      </div>
      <p className="py-1 text-soft">
        Surveyed less pattern, in {units.system === 'inch' ? 'inches' : 'millimetres'}, carried over
        through the head gap; in brackets after the best shift of the leaf.
      </p>
      <table className="w-full" aria-label="Patterns">
        <thead>
          <tr className="caps text-right">
            <th className="text-left font-normal">pattern</th>
            {existing.belowHead.map((_, index) => (
              <th key={index} className="font-normal">
                {index + 1}
              </th>
            ))}
            <th className="text-left font-normal pl-3">fit</th>
          </tr>
        </thead>
        <tbody>
          {(all ? matches : matches.slice(0, few)).map((one) => (
            <tr
              key={`${one.practice} ${one.id}`}
              data-pattern={one.id}
              className={`border-t border-rule/60 ${one === match ? 'bg-brass-wash' : ''}`}
            >
              <td className="py-0.5">
                <button
                  type="button"
                  className="text-left hover:text-brass"
                  title={one.practice}
                  onClick={() => setShown(one.id)}
                >
                  {patternName(one.id)}
                </button>
              </td>
              {one.residuals.map((residual, index) => (
                <td key={index} className="text-right tabular-nums">
                  {signed(residual, units)}{' '}
                  <span className="text-soft">({signed(one.shiftedResiduals[index]!, units)})</span>
                </td>
              ))}
              <td className={`pl-3 ${one.fit === 'misfit' ? 'text-oxide' : ''}`}>
                {termText(`fit.${one.fit}`)}
                {one.fit === 'misfit' && one.shiftedFit !== 'misfit' && (
                  <span className="text-soft">
                    , shifted it {termText(`fit.${one.shiftedFit}`)}
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {matches.length > few && (
        <button type="button" className="button bare" onClick={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${matches.length}`}
        </button>
      )}
      <Compare
        decided={decided}
        match={match}
        hingeHeight={existing.height}
        leafHeight={leafHeight}
        units={units}
      />
      {canEdit && bySurvey === false && (
        <button
          type="button"
          className="button"
          onClick={() => {
            const { 'hanging.pattern': _, ...choices } = decided.facts.choices ?? {};
            onPatch({ choices: Object.keys(choices).length > 0 ? choices : undefined });
          }}
        >
          Cut to the survey instead
        </button>
      )}
    </section>
  );
}

function Compare({
  decided,
  match,
  hingeHeight,
  leafHeight,
  units,
}: {
  decided: DecidedOpening;
  match: PatternMatch;
  hingeHeight: number;
  leafHeight: number;
  units: Units;
}) {
  const { hingeFit, hingeEase, screwHolesApart } = decided.practice.values;
  const effects = useMemo(
    () =>
      compareHinges(match, hingeHeight, {
        fit: hingeFit.value,
        ease: hingeEase.value,
        holes: screwHolesApart.value,
      }),
    [match, hingeHeight, hingeFit, hingeEase, screwHolesApart],
  );
  const model = useMemo(
    () => compareDrawing(effects, hingeHeight, leafHeight),
    [effects, hingeHeight, leafHeight],
  );
  return (
    <div className="mt-2 grid grid-cols-[200px_1fr] gap-3" aria-label="Chart against survey">
      <div className="sheet h-[270px]">
        <ModelView model={model} units={units} title="Chart beside frame" />
      </div>
      <table className="self-start">
        <caption className="caps pb-1 text-left">{patternName(match.id)} against the frame</caption>
        <thead>
          <tr className="caps text-right">
            <th className="text-left font-normal">hinge</th>
            <th className="font-normal">chart</th>
            <th className="font-normal">survey</th>
            <th className="pl-3 text-left font-normal">what would happen</th>
          </tr>
        </thead>
        <tbody>
          {effects.map((effect) => (
            <tr key={effect.index} className="border-t border-rule/60">
              <td>{effect.index}</td>
              <td className="text-right">
                <Figures parts={[lengthPart(effect.chart, units)]} units={false} />
              </td>
              <td className="basis-measured text-right">
                <Figures parts={[lengthPart(effect.survey, units)]} units={false} />
              </td>
              <td
                className={`pl-3 ${effect.effect === 'fits' || effect.effect === 'eased' ? '' : 'text-oxide'}`}
              >
                {termText(`effect.${effect.effect}`)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Puts the frame's pattern into the library: into the project's own practice, made for it if there is none. */
function AddPattern({ decided }: { decided: DecidedOpening }) {
  const { project, ownPractices, write } = useProject();
  const [busy, setBusy] = useState(false);
  const add = async () => {
    const { existing, leaves } = decided.results.hanging;
    const { practice, facts } = decided;
    const { sizing: sizes } = decided.results;
    const id = `survey-${facts.mark}`
      .toLowerCase()
      .replace(/[^a-z0-9-]+/g, '-')
      .slice(0, 60);
    const pattern = patternOf(
      id,
      existing!,
      { leafHeight: leaves[0]!.leaf.height!, headGap: sizes.headGap! },
      practice.values.hingeFit.value,
    );
    setBusy(true);
    try {
      const own = withPattern(ownPractices, practice.id, pattern, facts.mark);
      await write({
        documents: [{ name: 'practices', version: project.practices.version, body: own }],
      });
      toast.success(`The pattern of ${facts.mark} is in the library now.`);
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'That did not work.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <button type="button" className="button" disabled={busy} onClick={() => void add()}>
      Add to the library
    </button>
  );
}

/** The practices with a pattern in the one the opening is decided in; a shipped one is copied first. */
function withPattern(
  own: EditedPractice[],
  practiceId: string,
  pattern: HingePattern,
  mark: string,
): EditedPractice[] {
  const shipped = practiceId in PRACTICES;
  const library: EditedPractice = (shipped
    ? own.find((one) => one.id === `own-patterns-${practiceId}`)
    : own.find((one) => one.id === practiceId)) ?? {
    id: `own-patterns-${practiceId}`,
    name: `${practiceOf(practiceId).name}, with surveyed patterns`,
    base: practiceOf(practiceId).id as EditedPractice['base'],
    changes: {},
  };
  const before = buildPractice(library).values.patterns.value;
  const changed: EditedPractice = {
    ...library,
    changes: {
      ...library.changes,
      patterns: {
        value: [...before.filter((one) => one.id !== pattern.id), pattern],
        source: `survey of ${mark}`,
      },
    },
  };
  return [...own.filter((one) => one.id !== library.id), changed];
}
