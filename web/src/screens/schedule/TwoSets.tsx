import { useEffect, useState } from 'react';
import {
  itemSizeParts,
  partsText,
  phraseText,
  valueParts,
  type Decision,
  type FactsPatch,
  type Item,
  type LineDifference,
  type MadeLike,
  type OpeningFacts,
  type Units,
  type Value,
} from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { ReasonDialog } from '../../parts/ReasonDialog.js';
import { WithFractions } from '../../parts/WithFractions.js';
import { askCore, coreFailed } from '../../worker/client.js';
import { decisionName, itemText, termText } from '../../base/words.js';

type Made = MadeLike & { id: string; mark: string };

/** What the dialog is about: some openings and the set that they are held against. */
export interface TwoSetsAsked {
  /** What the openings are called: `Set 4`, `115`. */
  name: string;
  ids: readonly string[];
  /** The set they would join, and one of its openings. */
  number: number;
  model: string;
}

/**
 * Openings beside a set: only what differs, why, and the choices that would make them take its hardware, with
 * what comes of them. Nothing is changed before it is taken with a reason.
 */
export function TwoSets({ asked, onClose }: { asked: TwoSetsAsked; onClose: () => void }) {
  const { basis, practice, canEdit, edit } = useProject();
  const { byId } = useOpenings();
  const [made, setMade] = useState<Made[] | undefined>();
  useEffect(() => {
    let current = true;
    const factsOf = (id: string) => byId.get(id)?.facts;
    const openings = asked.ids.flatMap((id) => {
      const facts = factsOf(id);
      return facts ? [{ id, facts }] : [];
    });
    const model = factsOf(asked.model);
    if (model)
      askCore(basis, (core) => core.madeLike(openings, model))
        .then((list) => {
          if (current) setMade(list);
        })
        .catch(coreFailed);
    return () => {
      current = false;
    };
  }, [asked, basis, byId]);
  const first = made?.[0];
  const alike = made?.filter(({ left }) => left.length === 0) ?? [];
  const reasoned = (patch: MadeLike['patch'], facts: OpeningFacts, reason: string): FactsPatch => ({
    ...patch,
    choices:
      patch.choices &&
      Object.fromEntries(
        Object.entries(patch.choices).map(([key, choice]) => [
          key,
          choice === facts.choices?.[key] || choice.reason !== '' ? choice : { ...choice, reason },
        ]),
      ),
  });
  const take = (reason: string) => {
    edit(
      (made ?? []).flatMap(({ id, patch }) => {
        const facts = byId.get(id)?.facts;
        return facts ? [{ id, patch: reasoned(patch, facts, reason) }] : [];
      }),
    );
    onClose();
  };
  return (
    <ReasonDialog
      wide
      title={`${asked.name} beside set ${asked.number}`}
      description={`What they take differently, and what would make ${asked.name} take what set ${asked.number} takes.`}
      act={canEdit ? 'Take these choices' : 'Close'}
      usual={`as set ${asked.number}`}
      disabled={!made || !canEdit}
      onDone={take}
      onClose={onClose}
    >
      {!first ? (
        <p role="status" className="pb-4 text-soft">
          Working out what it would come to …
        </p>
      ) : (
        <div
          className="mb-4 max-h-[46vh] overflow-auto"
          tabIndex={0}
          role="region"
          aria-label="Differences"
        >
          <Differences
            list={first.differences}
            name={asked.name}
            number={asked.number}
            units={practice}
          />
          <Why list={first.why} units={practice} />
          <h3 className="mt-4 mb-1 border-b border-ink text-base">What would come of it</h3>
          {first.changes.length === 0 && <p className="text-soft">Nothing of it can be chosen.</p>}
          <ul>
            {first.changes.map(({ key, from, to }) => (
              <li key={key} className="border-b border-rule/60 py-0.5">
                {nameOf(key)}: <span className="text-soft">{text(from, practice)}</span> →{' '}
                <b>
                  <WithFractions text={text(to, practice)} />
                </b>
              </li>
            ))}
          </ul>
          <p className="mt-2">
            {alike.length === (made ?? []).length
              ? made!.length === 1
                ? 'It would then take the same.'
                : `All ${made!.length} would then take the same.`
              : alike.length > 0
                ? `${alike.length} of ${made!.length} would then take the same.`
                : 'They would still differ:'}
          </p>
          {(made ?? [])
            .filter(({ left }) => left.length > 0)
            .slice(0, 8)
            .map(({ id, mark, left }) => (
              <p key={id} className="text-soft">
                {mark}: {left.map((one) => differenceText(one, practice)).join('; ')}
              </p>
            ))}
          <Come made={made ?? []} units={practice} />
        </div>
      )}
    </ReasonDialog>
  );
}

const nameOf = (key: string) => {
  const [stage = '', name = ''] = key.split('@')[0]!.split('.');
  return `${termText(`stage.${stage}`)}, ${decisionName(stage, name).toLowerCase()}`;
};
const text = (value: Value | undefined, units: Units) =>
  value ? partsText(valueParts(value, units)) : 'none';
const itemWords = (item: Item, units: Units) =>
  [
    `${item.quantity} ${itemText(item)}`,
    partsText(itemSizeParts(item, units)),
    item.finish ? termText(item.finish) : '',
  ]
    .filter(Boolean)
    .join(', ');

function differenceText({ first, second }: LineDifference, units: Units): string {
  if (first && second) return `${itemWords(first, units)} for ${itemWords(second, units)}`;
  return first ? `${itemWords(first, units)} more` : `${itemWords(second!, units)} less`;
}

function Differences({
  list,
  name,
  number,
  units,
}: {
  list: readonly LineDifference[];
  name: string;
  number: number;
  units: Units;
}) {
  if (list.length === 0)
    return <p className="text-soft">They take the same; they are kept apart by somebody’s word.</p>;
  const cell = (item: Item | undefined) =>
    item ? <WithFractions text={itemWords(item, units)} /> : <span className="text-soft">–</span>;
  return (
    <table className="w-full" aria-label="What differs">
      <thead>
        <tr className="caps text-left">
          <th className="w-1/2 py-1 font-normal">{name}</th>
          <th className="py-1 font-normal">Set {number}</th>
        </tr>
      </thead>
      <tbody>
        {list.map(({ first, second }, at) => (
          <tr key={at} className="border-t border-rule align-top">
            <td className="py-1 pr-4">{cell(first)}</td>
            <td className="py-1">{cell(second)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Why({ list, units }: { list: MadeLike['why']; units: Units }) {
  if (list.length === 0) return null;
  const side = (decision: Decision | undefined) => (
    <>
      <b>
        <WithFractions text={text(decision?.value, units)} />
      </b>
      {decision?.reasons[0] && (
        <span className="block text-xs text-soft">{phraseText(decision.reasons[0], units)}</span>
      )}
    </>
  );
  return (
    <>
      <h3 className="mt-4 mb-1 border-b border-ink text-base">Why they are not one set</h3>
      <table className="w-full table-fixed" aria-label="Why">
        <tbody>
          {list.map(({ key, mine, theirs }) => (
            <tr key={key} className="border-b border-rule/60 align-top">
              <td className="w-44 py-1 pr-3 text-soft">{nameOf(key)}</td>
              <td className="py-1 pr-4">{side(mine)}</td>
              <td className="py-1">{side(theirs)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** Findings that would come and go, each with how many openings. */
function Come({ made, units }: { made: readonly Made[]; units: Units }) {
  const counted = (of: (one: Made) => readonly { code: string; params: object }[]) => {
    const counts = new Map<string, number>();
    for (const one of made)
      for (const finding of of(one)) {
        const words = phraseText(finding as Parameters<typeof phraseText>[0], units);
        counts.set(words, (counts.get(words) ?? 0) + 1);
      }
    return [...counts];
  };
  const [come, gone] = [counted((one) => one.come), counted((one) => one.gone)];
  const list = (title: string, of: [string, number][], look: string) =>
    of.length > 0 && (
      <div className={`mt-2 border-l-4 px-2 ${look}`}>
        <b>{title}</b>
        {of.map(([words, count]) => (
          <p key={words}>
            <WithFractions text={words} />{' '}
            {count > 1 && <span className="text-soft">({count})</span>}
          </p>
        ))}
      </div>
    );
  return (
    <>
      {list('Findings that would come', come, 'border-oxide')}
      {list('Findings that would go', gone, 'border-verdigris')}
    </>
  );
}
