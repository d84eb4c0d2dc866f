import { joiResolver } from '@hookform/resolvers/joi';
import Joi from 'joi';
import type { ReactNode } from 'react';
import { FormProvider, useForm, type DefaultValues, type UseFormReturn } from 'react-hook-form';
import { useAsking } from './useAsking.js';

/** What a person reads where a field is not as it must be; `{#label}` is what stands above it. */
const WORDS = {
  'string.empty': '{#label} is needed.',
  'any.required': '{#label} is needed.',
  'any.only': '{#label} is none of those there are.',
  'string.email': 'This is no e-mail address.',
  'string.min': '{#label}: {#limit} characters or more.',
  'string.max': '{#label}: no more than {#limit} characters.',
  'string.pattern.base': '{#label} cannot be read.',
} as const;

export type Fields<K extends string = string> = Record<K, string>;

/** The fields of a form by name, each a Joi text with its label. */
export type FormShape<K extends string = string> = Record<K, Joi.StringSchema>;

/** An e-mail address as people type it: whatever stands behind the dot. */
export const emailField = Joi.string()
  .trim()
  .email({ tlds: { allow: false } })
  .max(254)
  .required()
  .label('E-mail');

/** A line that must say something. */
export const neededField = (label: string, most = 200) =>
  Joi.string().trim().max(most).required().label(label);

/** A new password; what it is worth is weighed by the server. */
export const newPasswordField = Joi.string().min(10).max(200).required().label('Password');

export interface FormState<K extends string> {
  busy: boolean;
  fault: string;
  form: UseFormReturn<Fields<K>>;
}

/**
 * A form that is checked before it is sent, field by field, and tells what the server would not have. Its
 * fields are those of `parts/TextField` and whatever registers itself.
 */
export function Form<K extends string>({
  shape,
  defaults,
  send,
  className = '',
  children,
}: {
  shape: FormShape<K>;
  defaults?: Partial<Fields<K>>;
  send: (fields: Fields<K>, form: UseFormReturn<Fields<K>>) => Promise<unknown>;
  className?: string;
  children: (state: FormState<K>) => ReactNode;
}) {
  const form = useForm<Fields<K>>({
    resolver: joiResolver(Joi.object(shape).messages(WORDS), {
      abortEarly: false,
      errors: { wrap: { label: false } },
    }),
    defaultValues: {
      ...Object.fromEntries(Object.keys(shape).map((name) => [name, ''])),
      ...defaults,
    } as DefaultValues<Fields<K>>,
  });
  const { busy, fault, ask } = useAsking();
  return (
    <FormProvider {...form}>
      <form
        noValidate
        className={className}
        onSubmit={(event) =>
          void form.handleSubmit((fields) => ask(() => send(fields, form)))(event)
        }
      >
        {children({ busy, fault, form })}
      </form>
    </FormProvider>
  );
}
