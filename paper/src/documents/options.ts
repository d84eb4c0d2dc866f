import Joi from 'joi';

/** One thing a document may be asked for, and what it is where nobody says. */
type DocumentOption =
  | { kind: 'choice'; choices: readonly string[]; usual: string }
  | { kind: 'number'; least: number; most: number; usual: number }
  | { kind: 'flag'; usual: boolean }
  /** Words of a person; none where nobody says. */
  | { kind: 'words'; most: number };

/** What a document may be asked for, by name. */
export type DocumentOptions = Readonly<Record<string, DocumentOption>>;

/** What is asked of one document, after its options. */
export type Chosen<O extends DocumentOptions> = {
  [K in keyof O]: O[K] extends { kind: 'choice'; choices: readonly (infer C)[] }
    ? C
    : O[K] extends { kind: 'number' }
      ? number
      : O[K] extends { kind: 'flag' }
        ? boolean
        : string | undefined;
};

const schemaOf = (option: DocumentOption): Joi.Schema => {
  switch (option.kind) {
    case 'choice':
      return Joi.string()
        .valid(...option.choices)
        .default(option.usual);
    case 'number':
      return Joi.number().min(option.least).max(option.most).default(option.usual);
    case 'flag':
      return Joi.boolean().default(option.usual);
    case 'words':
      return Joi.string().max(option.most);
  }
};

/**
 * Builds the schema that reads what is asked of a document: its options with their defaults; what it has no
 * option for is left out.
 *
 * @example
 * optionsSchema({ by: { kind: 'choice', choices: ['set', 'room'], usual: 'set' } }).validate({}).value
 * // { by: 'set' }
 */
export function optionsSchema(options: DocumentOptions): Joi.ObjectSchema {
  return Joi.object(
    Object.fromEntries(Object.entries(options).map(([name, one]) => [name, schemaOf(one)])),
  ).options({ stripUnknown: true });
}
