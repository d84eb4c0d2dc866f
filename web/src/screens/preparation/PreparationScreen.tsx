import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import {
  headingOf,
  preparationOf,
  lockSection,
  strikeFace,
  unitsOf,
  valueParts,
  type DecidedOpening,
  type Preparation,
  type Units,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { useProject } from '../../data/project.js';
import { DrawingView } from '../../drawing/DrawingView.js';
import { ModelView } from '../../drawing/ModelView.js';
import { useOpeningPage } from '../../opening/page.js';
import { Figures } from '../../parts/Figure.js';
import { Say } from '../../parts/Say.js';
import { WithFractions } from '../../parts/WithFractions.js';
import { basisOf } from '../../worker/basis.js';
import { AcceptanceTest } from './AcceptanceTest.js';

/** The sheet a workshop prepares leaf and frame from, and the test of the fitted lock; made to be printed. */
export function PreparationScreen() {
  const { facts, decided, canEdit, onPatch } = useOpeningPage();
  const { project, basis } = useProject();
  // A workshop cuts to the sixty-fourth.
  const units = useMemo(() => unitsOf(decided), [decided]);
  const heading = headingOf(decided);
  const preparation = preparationOf(decided, basisOf(basis));
  const stops = decided.findings.filter((one) => one.level === 'stop');
  return (
    <article
      className="overflow-auto px-6 py-4 print:overflow-visible print:p-0"
      tabIndex={0}
      aria-label="Preparation sheet"
    >
      <header className="mb-3 flex items-baseline gap-4 border-b-2 border-ink pb-1">
        <h2 className="text-xl">Preparation {facts.mark}</h2>
        <span className="text-soft">{[facts.from, facts.to].filter(Boolean).join(' → ')}</span>
        <span className="ml-auto">
          <WithFractions text={[heading.size, heading.hand].filter(Boolean).join(' · ')} />
        </span>
        <span className="text-soft">{project.name}</span>
        <button type="button" className="button print:hidden" onClick={() => window.print()}>
          <Printer size={14} /> Print
        </button>
      </header>
      {stops.length > 0 && (
        <section aria-label="Open stops" className="mb-3 border-l-4 border-oxide px-3 py-1">
          <b className="text-oxide">Do not cut yet: {stops.length} to be settled.</b>
          {stops.map((finding, index) => (
            <p key={index}>
              <Say said={finding} units={units} />
            </p>
          ))}
        </section>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-5">
        <Pictures decided={decided} units={units} />
        {preparation ? (
          <Numbers preparation={preparation} units={units} />
        ) : (
          <p className="text-soft">
            {decided.results.securing.kind === 'none'
              ? 'No lock to be prepared.'
              : 'The lock is open: record what the door is for, and its sizes.'}
          </p>
        )}
      </div>
      {decided.results.securing.spec && (
        <AcceptanceTest
          spec={decided.results.securing.spec}
          tested={facts.tested}
          canEdit={canEdit}
          onPatch={onPatch}
        />
      )}
      <section aria-label="Care" className="mt-5 border-l-4 border-ochre px-4 py-2">
        <h2 className="caps mb-1">Care</h2>
        {decided.cautions.map((caution) => (
          <p key={caution.code}>
            <Say said={caution} units={units} />
          </p>
        ))}
      </section>
    </article>
  );
}

function Pictures({ decided, units }: { decided: DecidedOpening; units: Units }) {
  const section = lockSection(decided);
  const strike = strikeFace(decided);
  return (
    <div className="grid grid-cols-2 content-start gap-3">
      {(['elevation-outside', 'lock-edge'] as const).map((view) => (
        <figure key={view} className="sheet h-72">
          <DrawingView
            decided={decided}
            view={view}
            title={view === 'lock-edge' ? 'Lock edge' : 'From outside'}
          />
        </figure>
      ))}
      {section && (
        <figure className="sheet col-span-2 h-64">
          <ModelView model={section} units={units} title="Cut through the lock" />
        </figure>
      )}
      {strike && (
        <figure className="sheet col-span-2 h-56">
          <ModelView model={strike} units={units} title="Strike from the opening" />
        </figure>
      )}
    </div>
  );
}

function Numbers({ preparation, units }: { preparation: Preparation; units: Units }) {
  return (
    <div>
      {preparation.groups.map((group) => (
        <table key={group.name} className="mb-3 w-full" data-prep={group.name}>
          <caption className="border-b-2 border-ink pb-0.5 text-left font-head text-base font-semibold">
            {termText(group.name)}
          </caption>
          <tbody>
            {group.lines.map((line) => (
              <tr key={line.name} className="border-b border-rule">
                <th className="w-2/5 min-w-44 py-0.5 pr-2 text-left align-baseline font-normal text-soft">
                  {termText(line.name)}
                </th>
                <td
                  className={`py-0.5 text-right text-[15px] font-semibold ${line.values[0]?.type === 'positions' ? '' : 'whitespace-nowrap'}`}
                >
                  {line.values.map((value, index) => (
                    <span key={index}>
                      {index > 0 && ' × '}
                      <Figures parts={valueParts(value, units)} />
                    </span>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
      <table className="w-full" data-prep="bits">
        <caption className="border-b-2 border-ink pb-0.5 text-left font-head text-base font-semibold">
          Bits and saws
        </caption>
        <tbody>
          {preparation.bits.map((bit) => (
            <tr key={`${bit.kind} ${bit.size}`} className="border-b border-rule align-baseline">
              <th className="py-0.5 pr-2 text-left font-normal text-soft first-letter:uppercase">
                {termText(`prepTool.${bit.kind}`)}
              </th>
              <td className="py-0.5 pr-3 text-right font-semibold whitespace-nowrap">
                <Figures
                  parts={valueParts(
                    { type: 'length', ticks: bit.size, rounding: 'nearest' },
                    units,
                  )}
                />
              </td>
              <td className="py-0.5 text-[13px] text-soft">
                {bit.makes.map((make) => termText(make).split(',')[0]).join('; ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="mt-2 list-disc pl-5 text-[13px]" aria-label="To mind">
        {preparation.notes.map((note) => (
          <li key={note.code}>
            <Say said={note} units={units} />
          </li>
        ))}
        {preparation.row && (
          <li>
            Between the holes of the pocket a ridge of{' '}
            <Figures
              parts={valueParts(
                { type: 'length', ticks: preparation.row.ridge, rounding: 'up' },
                units,
              )}
            />{' '}
            is pared off.
          </li>
        )}
      </ul>
    </div>
  );
}
