/** A JSON Schema (draft 2020-12) of one value. */
export type JsonSchema = Record<string, unknown>;

/** What a shape is made of, as data: checks in other libraries and generators of samples follow it. */
export type Form =
  | { kind: 'text'; least: number; most: number; pattern?: RegExp }
  | { kind: 'integer'; least: number; most: number }
  | { kind: 'number' }
  | { kind: 'flag' }
  | { kind: 'word'; words: readonly string[] }
  | { kind: 'list'; of: Shape<unknown>; most: number }
  | { kind: 'object'; fields: Readonly<Record<string, Field>> }
  | { kind: 'map'; keys: Shape<string>; of: Shape<unknown> }
  | { kind: 'either'; shapes: readonly Shape<unknown>[] }
  | { kind: 'with'; of: Shape<unknown>; holds: (value: never) => boolean };

interface Field {
  shape: Shape<unknown>;
  needed: boolean;
}

/** One description of a value, from which its reader and its JSON Schema follow. */
export interface Shape<T> {
  readonly form: Form;
  readonly schema: JsonSchema;
  /** The value in its clean form, or undefined where it is not of the shape. Never throws. */
  read(value: unknown): T | undefined;
}

/** The type a shape reads. */
export type TypeOf<S> = S extends Shape<infer T> ? T : never;

/** Text of at most so many characters, as it is. */
export function text(most: number, pattern?: RegExp): Shape<string> {
  return {
    form: { kind: 'text', least: 0, most, ...(pattern ? { pattern } : {}) },
    schema: { type: 'string', maxLength: most, ...(pattern ? { pattern: pattern.source } : {}) },
    read: (value) =>
      typeof value === 'string' && value.length <= most && (!pattern || pattern.test(value))
        ? value
        : undefined,
  };
}

/** Text that says something: blanks around it are cut off, and something must be left. */
export function words(most: number): Shape<string> {
  return {
    form: { kind: 'text', least: 1, most },
    schema: { type: 'string', minLength: 1, maxLength: most },
    read(value) {
      if (typeof value !== 'string') return undefined;
      const trimmed = value.trim();
      return trimmed.length > 0 && trimmed.length <= most ? trimmed : undefined;
    },
  };
}

/** A whole number within bounds, both included. */
export function integer(least: number, most: number): Shape<number> {
  return {
    form: { kind: 'integer', least, most },
    schema: { type: 'integer', minimum: least, maximum: most },
    read: (value) =>
      Number.isInteger(value) && (value as number) >= least && (value as number) <= most
        ? (value as number)
        : undefined,
  };
}

/** Any finite number. */
export const number: Shape<number> = {
  form: { kind: 'number' },
  schema: { type: 'number' },
  read: (value) => (typeof value === 'number' && Number.isFinite(value) ? value : undefined),
};

/** True or false. */
export const flag: Shape<boolean> = {
  form: { kind: 'flag' },
  schema: { type: 'boolean' },
  read: (value) => (typeof value === 'boolean' ? value : undefined),
};

/** One of some words. */
export function word<const W extends readonly string[]>(words: W): Shape<W[number]> {
  return {
    form: { kind: 'word', words },
    schema: { enum: [...words] },
    read: (value) => (words.includes(value as string) ? (value as W[number]) : undefined),
  };
}

/** A list of one kind of thing. */
export function list<T>(of: Shape<T>, most: number): Shape<T[]> {
  return {
    form: { kind: 'list', of, most },
    schema: { type: 'array', items: of.schema, maxItems: most },
    read(value) {
      if (!Array.isArray(value) || value.length > most) return undefined;
      const read: T[] = [];
      for (const one of value) {
        const item = of.read(one);
        if (item === undefined) return undefined;
        read.push(item);
      }
      return read;
    },
  };
}

/** Whether a value is an object with keys of its own. */
export function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

type Shapes = Readonly<Record<string, Shape<unknown>>>;
type Needed<N extends Shapes> = { [K in keyof N]: TypeOf<N[K]> };
type Optional<O extends Shapes> = { [K in keyof O]?: TypeOf<O[K]> | undefined };

/** Things by name: those needed, and those that may be left out. No others. */
export function object<N extends Shapes, O extends Shapes>(
  needed: N,
  optional: O,
): Shape<Needed<N> & Optional<O>> {
  const fields: Record<string, Field> = {};
  for (const [name, shape] of Object.entries(needed)) fields[name] = { shape, needed: true };
  for (const [name, shape] of Object.entries(optional)) fields[name] = { shape, needed: false };
  const names = Object.keys(fields);
  return {
    form: { kind: 'object', fields },
    schema: {
      type: 'object',
      properties: Object.fromEntries(names.map((name) => [name, fields[name]!.shape.schema])),
      required: Object.keys(needed),
      additionalProperties: false,
    },
    read(value) {
      if (!isRecord(value)) return undefined;
      for (const key of Object.keys(value)) if (!Object.hasOwn(fields, key)) return undefined;
      const read: Record<string, unknown> = {};
      for (const name of names) {
        const { shape, needed: must } = fields[name]!;
        const given = Object.hasOwn(value, name) ? value[name] : undefined;
        if (given === undefined || given === null) {
          if (must) return undefined;
          continue;
        }
        const one = shape.read(given);
        if (one === undefined) return undefined;
        read[name] = one;
      }
      return read as Needed<N> & Optional<O>;
    },
  };
}

/** Things of one kind by keys of one kind. */
export function map<K extends string, T>(
  keys: Shape<K>,
  of: Shape<T>,
): Shape<string extends K ? Record<string, T> : Partial<Record<K, T>>> {
  const { words } = keys.form as { words?: readonly string[] };
  return {
    form: { kind: 'map', keys, of },
    schema: {
      type: 'object',
      propertyNames: words ? { enum: [...words] } : keys.schema,
      additionalProperties: of.schema,
    },
    read(value) {
      if (!isRecord(value)) return undefined;
      const read: Partial<Record<string, T>> = {};
      for (const [key, one] of Object.entries(value)) {
        const item = of.read(one);
        if (keys.read(key) !== key || item === undefined) return undefined;
        read[key] = item;
      }
      return read as string extends K ? Record<string, T> : Partial<Record<K, T>>;
    },
  };
}

/** The first of some shapes that fits. */
export function either<S extends readonly Shape<unknown>[]>(
  ...shapes: S
): Shape<TypeOf<S[number]>> {
  return {
    form: { kind: 'either', shapes },
    schema: { anyOf: shapes.map((shape) => shape.schema) },
    read(value) {
      for (const shape of shapes) {
        const read = shape.read(value);
        if (read !== undefined) return read as TypeOf<S[number]>;
      }
      return undefined;
    },
  };
}

/** A shape with one condition more, which no JSON Schema says; `says` describes it there. */
export function holding<T>(of: Shape<T>, says: string, holds: (value: T) => boolean): Shape<T> {
  return {
    form: { kind: 'with', of, holds: holds as (value: never) => boolean },
    schema: { ...of.schema, description: says },
    read(value) {
      const read = of.read(value);
      return read !== undefined && holds(read) ? read : undefined;
    },
  };
}

/** The same shape, described in its JSON Schema. */
export function described<T>(shape: Shape<T>, description: string): Shape<T> {
  return { ...shape, schema: { ...shape.schema, description } };
}
