import { documentAddress } from '../../base/documents.js';
import { Check, FileDown, Minus, Radio, X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import {
  boundText,
  countRound,
  currentRound,
  dueAfter,
  figureText,
  formatQuantity,
  gapBenchesOf,
  gapsWithin,
  phraseText,
  testsOf,
  withinBounds,
  type ProvingTest,
  type SiteRecordOf,
} from '@riegel/core';
import { useSession } from '../../base/session.js';
import type { OpeningSite } from '../../data/useSite.js';
import { useOpeningPage } from '../../opening/page.js';
import { useProject } from '../../data/project.js';
import { Say } from '../../parts/Say.js';
import { termText } from '../../base/words.js';
import { DefectDialog } from './DefectDialog.js';
import { Defects } from './Defects.js';
import { readFigure } from './readFigure.js';
import { SignDialog } from './SignDialog.js';
import { useMeasuring } from './useMeasuring.js';

type Outcome = SiteRecordOf<'test'>['outcome'];
const today = () => new Date().toISOString().slice(0, 10);

/** Everything that is tried before hand-over, or at an inspection; defects; and who signs. */
export function ProvePane({ site }: { site: OpeningSite }) {
  const { decided, canEdit, units, practice, openingId } = useOpeningPage();
  const { project } = useProject();
  const { data } = useSession();
  const round = currentRound(site.state, today());
  const tests = useMemo(() => testsOf(round, decided), [round, decided]);
  const found = site.state.tests.get(round);
  const count = countRound(tests, found);
  const benches = useMemo(() => gapBenchesOf(decided), [decided]);
  const within = gapsWithin(benches, site.state);
  const [chosen, setChosen] = useState<string | undefined>();
  const [defect, setDefect] = useState<ProvingTest | 'other' | undefined>();
  const [signing, setSigning] = useState(false);
  const active = tests.find(({ id }) => id === chosen);

  const keep = (test: ProvingTest, outcome: Outcome, value?: number) => {
    const before = found?.get(test.id);
    site.record('test', {
      round,
      test: test.id,
      outcome,
      ...(value !== undefined
        ? { value }
        : before?.value !== undefined
          ? { value: before.value }
          : {}),
    });
    if (outcome === 'fault' && value === undefined) setDefect(test);
  };
  const measure = (test: ProvingTest, value: number) => {
    const fits = withinBounds(value, test.measured!);
    keep(test, fits === false ? 'fault' : 'right', value);
  };
  /** The next test of a kind that nobody tried yet. */
  const next = (fits: (test: ProvingTest) => boolean) =>
    active && fits(active) ? active : tests.find((test) => fits(test) && !found?.has(test.id));
  const measuring = useMeasuring(
    canEdit ? data?.tape : undefined,
    practice.values.closerMakeup.value.latchFrom,
    (newtons) => {
      const test = next(({ measured }) => measured?.unit === 'newtons');
      if (test) measure(test, newtons);
      else toast(`The gauge read ${formatQuantity(newtons, 'force', units.system)}.`);
    },
    ({ from, sweep, latch, shut }) => {
      const times = tests.filter(({ measured }) => measured?.unit === 'seconds');
      const near = next(
        (test) =>
          test.measured === undefined && test.from !== undefined && Math.abs(test.from - from) <= 8,
      );
      if (near) site.record('test', { round, test: near.id, outcome: shut ? 'right' : 'fault' });
      for (const test of times) {
        const value = test.id === 'closing.sweep' ? sweep : latch;
        if (value !== undefined && from >= 80) measure(test, Math.round(value * 100) / 100);
      }
      if (!shut)
        toast.error(
          'The recorder stopped, or the leaf did, before it was shut. What it told is kept.',
        );
    },
  );
  const parts = [...new Set(tests.map(({ part }) => part))];
  const last = site.state.signed.at(-1);
  return (
    <div>
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2 className="text-lg" data-round={round}>
          {round === 'acceptance' ? 'Acceptance' : `Inspection ${round.slice(11)}`}
        </h2>
        <span role="status" className="tabular-nums">
          {count.right} right
          {count.faults > 0 && <b className="text-oxide">, {count.faults} faults</b>}
          <span className="text-soft">, {count.untried} not tried</span>
        </span>
        {(measuring.gauge || measuring.recorder) && (
          <span className="flex items-center gap-1 text-xs text-soft">
            <Radio size={14} className="text-verdigris" />
            {[measuring.gauge && 'force gauge', measuring.recorder && 'closing recorder']
              .filter(Boolean)
              .join(' and ')}{' '}
            here{measuring.lost > 0 && `; ${measuring.lost} readings lost`}
          </span>
        )}
      </div>
      {parts.map((part) => (
        <section key={part} aria-label={termText(`prove.part.${part}`)} className="mb-3">
          <h3 className="caps mb-1">{termText(`prove.part.${part}`)}</h3>
          <ul className="divide-y divide-rule border-y border-rule">
            {tests
              .filter((test) => test.part === part)
              .map((test) => (
                <TestRow
                  key={test.id}
                  test={test}
                  found={found?.get(test.id)}
                  active={test.id === chosen}
                  canEdit={canEdit}
                  gaps={test.id === 'gaps.gaps' ? within : undefined}
                  onActive={() => setChosen(test.id === chosen ? undefined : test.id)}
                  onFound={(outcome) => keep(test, outcome)}
                  onMeasured={(value) => measure(test, value)}
                />
              ))}
          </ul>
        </section>
      ))}
      <Defects site={site} onNew={canEdit ? () => setDefect('other') : undefined} />
      <section aria-label="Signed" className="mt-4 border-t-2 border-ink pt-2">
        {last && (
          <p>
            {last.of === 'acceptance' ? 'Acceptance' : 'Inspection'} signed by <b>{last.name}</b>,{' '}
            {last.at.slice(0, 10)}: {last.right} right, {last.faults} faults, {last.untried} not
            tried.{last.due && ` To be looked at again by ${last.due}.`}
          </p>
        )}
        <p className="text-soft">
          A record of what was seen and by whom. Whether it is enough, the adopted code, the
          authority and the listing say.
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          {canEdit && (
            <button className="button primary !h-12" onClick={() => setSigning(true)}>
              Sign what was found …
            </button>
          )}
          <a
            className="button !h-12"
            href={`/api${documentAddress('record', project.id, {
              openingId: openingId!,
              options: { round: last && count.right + count.faults === 0 ? last.round : round },
            })}`}
          >
            <FileDown size={18} /> Record as PDF
          </a>
        </div>
      </section>
      {defect && (
        <DefectDialog
          site={site}
          test={defect === 'other' ? undefined : defect.id}
          usual={defect === 'other' ? '' : phraseText(defect.say, units)}
          onClose={() => setDefect(undefined)}
        />
      )}
      {signing && (
        <SignDialog
          site={site}
          round={round}
          count={count}
          due={dueAfter(decided, today())}
          onClose={() => setSigning(false)}
        />
      )}
    </div>
  );
}

const OUTCOMES = [
  {
    outcome: 'right',
    label: 'As it should be',
    Icon: Check,
    on: 'border-verdigris bg-verdigris text-sheet',
  },
  { outcome: 'fault', label: 'A fault', Icon: X, on: 'border-oxide bg-oxide text-sheet' },
  { outcome: 'not-tried', label: 'Not tried', Icon: Minus, on: 'border-soft bg-soft text-sheet' },
] as const;

function TestRow({
  test,
  found,
  active,
  canEdit,
  gaps,
  onActive,
  onFound,
  onMeasured,
}: {
  test: ProvingTest;
  found: SiteRecordOf<'test'> | undefined;
  active: boolean;
  canEdit: boolean;
  /** Of the test of gaps: what was read on their own page. */
  gaps: boolean | undefined;
  onActive: () => void;
  onFound: (outcome: Outcome) => void;
  onMeasured: (value: number) => void;
}) {
  const { units } = useOpeningPage();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState(false);
  const { measured } = test;
  return (
    <li
      data-test={test.id}
      data-outcome={found?.outcome ?? 'none'}
      className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1 ${active ? 'bg-brass-wash' : ''}`}
    >
      <button type="button" className="py-1.5 text-left text-base leading-5" onClick={onActive}>
        <Say said={test.say} units={units} />
        {measured && (
          <span className="block text-soft tabular-nums">
            {boundText(measured, units)}
            {measured.source && <span className="text-xs"> ({measured.source})</span>}
          </span>
        )}
        {gaps !== undefined && (
          <span className={`block ${gaps ? 'text-verdigris' : 'text-oxide'}`}>
            {gaps ? 'As read last, all are.' : 'As read last, some are not.'}
          </span>
        )}
        {test.cares.map((care) => (
          <span key={care.code} className="block text-ochre">
            <Say said={care} units={units} />
          </span>
        ))}
        {found && (
          <span className="block text-xs text-soft">
            {found.value !== undefined && measured && (
              <b className={found.outcome === 'fault' ? 'text-oxide' : 'text-ink'}>
                {figureText(found.value, measured.unit, units)}{' '}
              </b>
            )}
            {found.by}, {found.at.slice(0, 16).replace('T', ' ')}
          </span>
        )}
      </button>
      {canEdit && (
        <div className="flex gap-1">
          {measured && (
            <form
              onSubmit={(event) => {
                event.preventDefault();
                const value = readFigure(typed, measured.unit, units);
                setFault(value === undefined);
                if (value === undefined) return;
                onMeasured(value);
                setTyped('');
              }}
            >
              <input
                inputMode="decimal"
                aria-label={`${phraseText(test.say, units)} Measured`}
                aria-invalid={fault}
                className="field !h-11 w-20 text-right text-lg tabular-nums"
                placeholder={
                  measured.unit === 'seconds'
                    ? 's'
                    : measured.unit === 'newtons'
                      ? units.system === 'inch'
                        ? 'lbf'
                        : 'N'
                      : units.system === 'inch'
                        ? 'in'
                        : 'mm'
                }
                value={typed}
                onChange={(event) => {
                  setTyped(event.target.value);
                  setFault(false);
                }}
              />
            </form>
          )}
          {OUTCOMES.map(({ outcome, label, Icon, on }) => (
            <button
              key={outcome}
              type="button"
              aria-label={`${label}: ${phraseText(test.say, units)}`}
              aria-pressed={found?.outcome === outcome}
              title={label}
              className={`flex size-11 touch-manipulation items-center justify-center rounded-sm border-2 ${found?.outcome === outcome ? on : 'border-rule bg-sheet'} ${outcome === 'not-tried' ? 'max-sm:hidden' : ''}`}
              onClick={() => onFound(outcome)}
            >
              <Icon size={22} strokeWidth={2.6} />
            </button>
          ))}
        </div>
      )}
    </li>
  );
}
