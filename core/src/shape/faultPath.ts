import { isRecord, type Shape } from './shape.js';

/** The way to a place in a value: names of objects and maps, indexes of lists. */
export type Path = readonly (string | number)[];

/** Puts a name or an index before the way to a place below it. */
const below = (step: string | number, path: Path | undefined): Path | undefined =>
  path && [step, ...path];

/** The first of several places that is not as it must be. */
function first<T>(list: Iterable<T>, at: (one: T) => Path | undefined): Path | undefined {
  for (const one of list) {
    const path = at(one);
    if (path) return path;
  }
  return undefined;
}

/**
 * Finds the first place where a value is not as its shape has it.
 *
 * @returns the way there from the value, empty where it is the value itself; undefined where the value is sound
 * @example faultPath(RECORDS['omitted'], { closing: 'glass', sealing: 7 }) // ['sealing']
 */
export function faultPath(shape: Shape<unknown>, value: unknown): Path | undefined {
  if (shape.read(value) !== undefined) return undefined;
  const { form } = shape;
  switch (form.kind) {
    case 'list': {
      if (!Array.isArray(value) || value.length > form.most) return [];
      return first(value.entries(), ([at, one]) => below(at, faultPath(form.of, one)));
    }
    case 'object': {
      if (!isRecord(value)) return [];
      const unknown = Object.keys(value).find((key) => !Object.hasOwn(form.fields, key));
      if (unknown !== undefined) return [unknown];
      return first(Object.entries(form.fields), ([name, { shape: field, needed }]) => {
        const given = Object.hasOwn(value, name) ? value[name] : undefined;
        if (given === undefined || given === null) return needed ? [name] : undefined;
        return below(name, faultPath(field, given));
      });
    }
    case 'map': {
      if (!isRecord(value)) return [];
      return first(Object.entries(value), ([key, one]) =>
        form.keys.read(key) === key ? below(key, faultPath(form.of, one)) : [key],
      );
    }
    case 'either': {
      // Of several shapes the one it comes nearest to.
      const paths = form.shapes.flatMap((one) => [faultPath(one, value) ?? []]);
      return paths.reduce((deepest, path) => (path.length > deepest.length ? path : deepest), []);
    }
    case 'with':
      return faultPath(form.of, value) ?? [];
    default:
      return [];
  }
}

/**
 * Writes the way to a place as people write it.
 *
 * @example pathText(['manualItems', 2, 'quantity']) // 'manualItems[2].quantity'
 */
export const pathText = (path: Path): string =>
  path.reduce<string>(
    (text, step) =>
      typeof step === 'number' ? `${text}[${step}]` : text === '' ? step : `${text}.${step}`,
    '',
  );
