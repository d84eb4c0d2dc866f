import {
  formatExact,
  formatLength,
  formatQuantity,
  parseLength,
  parseQuantity,
  phraseText,
  type FigureType,
  type System,
} from '@riegel/core';
import { termText } from '../../base/words.js';

/** A figure of a practice as it is typed and shown. */
export function figureText(figure: unknown, type: FigureType, system: System): string {
  if (figure === undefined) return '';
  if (Array.isArray(figure)) return figure.map((one) => figureText(one, type, system)).join(' · ');
  switch (type.type) {
    case 'length': {
      const ticks = Number(figure);
      const shown = formatLength(Math.abs(ticks), { system, denominator: 64 });
      const read = parseLength(shown, system);
      const text =
        read.ok && read.value === Math.abs(ticks) ? shown : formatExact(Math.abs(ticks), system);
      return (
        (ticks < 0 ? '−' : '') +
        text.replace(/ (in|mm)$/, system === 'metric' || /in$/.test(text) ? '' : '$&')
      );
    }
    case 'mass':
      return formatQuantity(Number(figure), 'mass', system);
    case 'number':
      return String(Number(Number(figure).toPrecision(6)));
    case 'yes-no':
      return figure === true ? 'yes' : 'no';
    default:
      return String(figure);
  }
}

/** Reads what was typed for a figure; the sentence says what was wrong. */
export function readFigure(
  typed: string,
  type: FigureType,
  system: System,
): { figure: unknown } | { fault: string } {
  const text = typed.trim();
  switch (type.type) {
    case 'length': {
      const minus = /^[-−]/.test(text);
      const read = parseLength(minus ? text.slice(1) : text, system);
      return read.ok
        ? { figure: minus ? -read.value : read.value }
        : { fault: phraseText(read.fault, { system }) };
    }
    case 'mass': {
      const read = parseQuantity(text, 'mass', system);
      return read.ok
        ? { figure: Math.round(read.value) }
        : { fault: phraseText(read.fault, { system }) };
    }
    case 'number': {
      const value = Number(text.replace(',', '.'));
      return text !== '' && Number.isFinite(value) && value >= 0
        ? { figure: value }
        : { fault: `“${text}” is not a number.` };
    }
    case 'yes-no':
      return { figure: text === 'yes' };
    default:
      return text === '' ? { fault: 'It cannot be empty.' } : { figure: text };
  }
}

/** An option of a figure in words: those of its value's own group of terms first. */
export function optionWords(option: string, group?: string): string {
  const own = group && termText(`${group}.${option}`);
  if (own && own !== `${group}.${option}`) return own;
  const words: Record<string, string> = {
    'leaf-top': 'leaf top',
    'frame-head': 'frame head',
    'leaf-bottom': 'leaf bottom',
    'as-measured': 'as measured',
  };
  const named = termText(`use.${option}`);
  return words[option] ?? (named === `use.${option}` ? option : named);
}
