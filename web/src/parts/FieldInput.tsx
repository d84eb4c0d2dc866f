import { memo, useEffect, useId, useRef, useState, type ComponentProps } from 'react';
import {
  fieldOf,
  formatLength,
  phraseText,
  readColumn,
  writeField,
  type Field,
  type FactsPatch,
  type OpeningFacts,
  type Practice,
} from '@riegel/core';
import { termText } from '../base/words.js';
import { useProject } from '../data/project.js';
import { listOf } from './RoomList.js';
import { Select, type Option } from './Select.js';

/** What stands in a field: a length as the project shows it, else as it is written. */
export function fieldText(field: Field, facts: OpeningFacts, practice: Practice): string {
  const value = facts[field.name] as string | number | boolean | undefined;
  if (field.type === 'length' && typeof value === 'number') {
    const shown = formatLength(value, { system: practice.system, denominator: 64 }).replace(
      / (in|mm)$/,
      '',
    );
    const read = readColumn(field.name, shown, practice);
    // Only a text that reads back to the very same length may stand in for it.
    if (read.ok && (read.value as Record<string, unknown>)[field.name] === value) return shown;
  }
  return writeField(field, value, practice.system);
}

export function optionText(field: Field, option: string): string {
  if (field.name === 'outside')
    return option === 'from' ? 'the room named first' : 'the room named second';
  return termText(`${field.terms}.${option}`);
}

/** What may be picked of a choice: nothing first, unknown last where that is an answer. */
function optionsOf(field: Field, nothing = '–'): Option[] {
  const options = field.type === 'yes-no' ? ['yes', 'no'] : field.options!;
  return [
    ...(field.name === 'kind' ? [] : [{ value: '', text: nothing }]),
    ...options.map((option) => ({
      value: option,
      text: field.type === 'yes-no' ? option : optionText(field, option),
    })),
    ...(field.mayBeUnknown ? [{ value: 'unknown', text: 'unknown' }] : []),
  ];
}

/** Practices with the project's own; asked for here, so that other fields need not follow the project. */
function PracticeSelect({
  field,
  ...select
}: Omit<ComponentProps<typeof Select>, 'options'> & { field: Field }) {
  const { ownPractices } = useProject();
  const [none, ...shipped] = optionsOf(field, 'as the project');
  return (
    <Select
      {...select}
      className="w-full"
      options={[
        none!,
        ...ownPractices.map(({ id, name }) => ({ value: id, text: name })),
        ...shipped,
      ]}
    />
  );
}

interface FieldInputProps {
  name: Field['name'];
  facts: OpeningFacts;
  practice: Practice;
  onPatch: (patch: FactsPatch) => void;
  disabled: boolean;
  label: string;
  measured?: boolean;
  /** What was decided where nothing is recorded. */
  derived?: string | undefined;
}

/** Of all facts a field shows only its own: the others may change without drawing it again. */
function sameField(before: FieldInputProps, after: FieldInputProps): boolean {
  const { facts: old, ...rest } = before;
  return (
    old[before.name] === after.facts[after.name] &&
    (Object.keys(rest) as (keyof typeof rest)[]).every((key) => before[key] === after[key])
  );
}

/**
 * A fact edited in place. What cannot be read stays as typed, with a sentence that says why, and is
 * kept until it can be read or is taken back with Escape.
 */
export const FieldInput = memo(function FieldInput({
  name,
  facts,
  practice,
  onPatch,
  disabled,
  label,
  measured,
  derived,
}: FieldInputProps) {
  const field = fieldOf(name)!;
  const stored = fieldText(field, facts, practice);
  const [typed, setTyped] = useState<string | undefined>();
  const [fault, setFault] = useState('');
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  // Facts that changed elsewhere (undo, another person) take the place of an untouched text.
  useEffect(() => {
    if (document.activeElement !== input.current && fault === '') setTyped(undefined);
  }, [stored, fault]);

  const commit = (text: string) => {
    if (text.trim() === stored.trim()) {
      setTyped(undefined);
      setFault('');
      return;
    }
    const read = readColumn(name, text, practice);
    if (!read.ok) {
      setFault(
        phraseText(
          {
            code: read.fault.code,
            params: { ...read.fault.params, field: termText(`fact.${name}`) },
          },
          { system: practice.system },
        ),
      );
      return;
    }
    setFault('');
    setTyped(undefined);
    onPatch(read.value);
  };

  const labelled = (
    <label htmlFor={id} className="truncate text-[12px] leading-4 text-soft" title={label}>
      {label}
    </label>
  );
  if (field.type === 'choice' || field.type === 'yes-no')
    return (
      <div className="flex min-w-0 flex-col gap-0.5">
        {labelled}
        {name === 'practice' ? (
          <PracticeSelect
            id={id}
            value={stored}
            disabled={disabled}
            onChange={commit}
            field={field}
          />
        ) : (
          <Select
            id={id}
            className="w-full"
            value={stored}
            disabled={disabled}
            onChange={commit}
            options={optionsOf(field)}
          />
        )}
      </div>
    );
  const numeric = field.type !== 'text';
  return (
    <div className="flex min-w-0 flex-col gap-0.5">
      {labelled}
      <input
        ref={input}
        id={id}
        className={`field w-full ${numeric ? 'text-right' : ''} ${measured ? 'basis-measured' : ''}`}
        placeholder={derived}
        list={listOf(name)}
        value={typed ?? stored}
        disabled={disabled}
        aria-invalid={fault !== ''}
        aria-describedby={fault ? `${id}-fault` : undefined}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={(event) => typed !== undefined && commit(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit(event.currentTarget.value);
          if (event.key === 'Escape') {
            setTyped(undefined);
            setFault('');
          }
        }}
      />
      {fault && (
        <span id={`${id}-fault`} role="alert" className="text-xs leading-4 text-oxide">
          {fault}
        </span>
      )}
    </div>
  );
}, sameField);
