import {
  formatExact,
  formatQuantity,
  GRAMS_PER_POUND,
  showLength,
  type Rounding,
  type ShownLength,
  type System,
} from '../measure/index.js';
import type { AmountUnit, Item, Param, Message, Value } from '../model/index.js';
import type { Language } from '../practice/index.js';
import { termIn, wordsIn } from './languages.js';
import { SENTENCES } from './words.js';

/** Units and precision that words are put in. */
export interface Units {
  system: System;
  denominator?: number;
  /** Metric: the step shown, millimetres. */
  step?: number;
  /** Whose words they are; as they are written where it is not said. */
  language?: Language;
}

/** A length in running text, so that a screen can set a true fraction and show the exact value. */
export interface LengthPart {
  length: ShownLength;
  exact: string;
}

export type Part = string | LengthPart;

/** The word for a term code; `=text` is somebody's own text; an unlisted code is shown as it is. */
export function termText(code: string, language?: Language): string {
  return termIn(code, language);
}

/** A length as a part of text. */
export function lengthPart(
  ticks: number,
  units: Units,
  rounding: Rounding = 'nearest',
): LengthPart {
  return {
    length: showLength(ticks, {
      system: units.system,
      denominator: units.denominator ?? 16,
      ...(units.step === undefined ? {} : { step: units.step }),
      rounding,
    }),
    exact: formatExact(ticks, units.system),
  };
}

function paramPart(param: Param, units: Units): Part {
  if (typeof param === 'string') return param;
  if (typeof param === 'number') return String(param);
  if ('ticks' in param) {
    return lengthPart(
      param.ticks,
      param.fine ? { ...units, denominator: 64, step: 0.05 } : units,
      param.rounding,
    );
  }
  if ('squareMetres' in param) return area(param.squareMetres, units);
  if ('gramsPerSquareMetre' in param) return surfaceMass(param.gramsPerSquareMetre, units);
  if ('grams' in param) return formatQuantity(param.grams, 'mass', units.system);
  if ('newtons' in param) return formatQuantity(param.newtons, 'force', units.system);
  if ('newtonMetres' in param) return formatQuantity(param.newtonMetres, 'moment', units.system);
  if ('amount' in param) return amountText(param.amount, param.unit);
  if ('degrees' in param) return formatQuantity(param.degrees, 'angle', units.system);
  return termIn(param.term, units.language);
}

/** `1.25 A`, `24 V`: three figures at most, as instruments show them. */
function amountText(amount: number, unit: AmountUnit): string {
  return `${Number(amount.toPrecision(3))} ${unit}`;
}

const SQUARE_FOOT = 0.09290304;

function area(squareMetres: number, units: Units): string {
  return units.system === 'metric'
    ? `${squareMetres.toFixed(2)} m²`
    : `${(squareMetres / SQUARE_FOOT).toFixed(1)} ft²`;
}

function surfaceMass(grams: number, units: Units): string {
  return units.system === 'metric'
    ? `${(grams / 1000).toFixed(1)} kg/m²`
    : `${((grams / GRAMS_PER_POUND) * SQUARE_FOOT).toFixed(1)} lb/ft²`;
}

/** A part of a sentence, with the name of what fills it; in a chain of sizes the name of the member. */
export interface NamedPart {
  part: Part;
  about?: string;
}

/** Phrases a coded sentence as parts. */
export function phrase(said: Message, units: Units): Part[] {
  return phraseNamed(said, units).map(({ part }) => part);
}

/** Phrases a coded sentence as parts that tell what fills them. */
export function phraseNamed(said: Message, units: Units): NamedPart[] {
  if (said.code.startsWith('sizing.chain.')) return capitalised(phraseChain(said, units));
  const template = wordsIn(SENTENCES[said.code] ?? said.code, units.language);
  const parts: NamedPart[] = [];
  let from = 0;
  for (const match of template.matchAll(/\{(\w+)\}/g)) {
    if (match.index > from) parts.push({ part: template.slice(from, match.index) });
    const about = match[1]!;
    const param = said.params[about];
    parts.push({ part: param === undefined ? '?' : paramPart(param, units), about });
    from = match.index + match[0].length;
  }
  if (from < template.length) parts.push({ part: template.slice(from) });
  return capitalised(parts);
}

function capitalised(parts: NamedPart[]): NamedPart[] {
  const first = parts[0]?.part;
  if (typeof first === 'string' && first)
    parts[0] = { ...parts[0]!, part: first[0]!.toUpperCase() + first.slice(1) };
  return parts;
}

/** `36 in opening − 1/8 in hinge gap − 1/8 in lock gap`, halved where two leaves share it. */
function phraseChain(said: Message, units: Units): NamedPart[] {
  const { params } = said;
  const parts: NamedPart[] = [
    { part: paramPart(params['total']!, units), about: 'total' },
    { part: ' opening' },
  ];
  for (let index = 0; index < Number(params['parts']); index++) {
    const member = params[`m${index}`] as { ticks: number };
    const name = params[`n${index}`]!;
    const about = typeof name === 'object' && 'term' in name ? name.term.replace(/^.*\./, '') : '';
    parts.push(
      { part: member.ticks < 0 ? ' + ' : ' − ' },
      { part: lengthPart(Math.abs(member.ticks), units), ...(about ? { about } : {}) },
      { part: ' ' },
      { part: paramPart(name, units) },
    );
  }
  return params['times'] === 2
    ? [{ part: '(' }, ...parts, { part: ') ÷ 2.' }]
    : [...parts, { part: '.' }];
}

/** Parts as plain text. */
export function partsText(parts: Part[]): string {
  return parts
    .map((part) => (typeof part === 'string' ? part : `${part.length.text} ${part.length.unit}`))
    .join('');
}

/** A coded sentence as plain text. */
export function phraseText(said: Message, units: Units): string {
  return partsText(phrase(said, units));
}

/** A decided value as parts. */
export function valueParts(value: Value, units: Units): Part[] {
  switch (value.type) {
    case 'length':
      return [lengthPart(value.ticks, units, value.rounding)];
    case 'positions':
      return value.ticks.flatMap((ticks, index) => [
        ...(index ? [' · '] : []),
        lengthPart(ticks, units),
      ]);
    case 'size':
      return [lengthPart(value.width, units), ' × ', lengthPart(value.height, units)];
    case 'mass':
      return [formatQuantity(value.grams, 'mass', units.system)];
    case 'force':
      return [formatQuantity(value.newtons, 'force', units.system)];
    case 'angle':
      return [formatQuantity(value.degrees, 'angle', units.system)];
    case 'area':
      return units.system === 'metric'
        ? [`${(value.squareMm / 100).toFixed(0)} cm²`]
        : [`${(value.squareMm / 645.16).toFixed(1)} in²`];
    case 'amount':
      return [amountText(value.amount, value.unit)];
    case 'count':
      return [String(value.count)];
    case 'term':
      return [termIn(value.term, units.language)];
  }
}

/** The same value in the other system, for a hover; empty where it has none. */
export function valueInOther(value: Value, units: Units): string {
  if (value.type === 'term' || value.type === 'count' || value.type === 'angle') return '';
  if (value.type === 'amount') return '';
  const other: Units = { system: units.system === 'inch' ? 'metric' : 'inch', denominator: 32 };
  return partsText(valueParts(value, other));
}

/** An item's description in the words of a schedule. */
export function itemText(item: Item, language?: Language): string {
  if (item.written !== undefined) return item.written;
  const words = (code: string) => termIn(code, language);
  const traits = item.traits.map((trait) => {
    if (trait.startsWith('pin.')) return `${words(trait)} pin`;
    const short = `short.${trait}`;
    return words(short) === short ? words(trait) : words(short);
  });
  return [words(item.term ?? ''), ...traits, ...(item.product ? [item.product] : [])].join(', ');
}

/** An item's size: hinges are named height × width. */
export function itemSizeParts(item: Item, units: Units): Part[] {
  if (item.size) return [item.size];
  if (item.height !== undefined && item.width !== undefined) {
    return [lengthPart(item.height, units), ' × ', lengthPart(item.width, units)];
  }
  return item.length !== undefined ? [lengthPart(item.length, units, 'down')] : [];
}

/** The label of a decision. */
export function decisionName(stage: string, name: string, language?: Language): string {
  return termIn(`name.${stage}.${name}`, language);
}
