import type { ReactNode } from 'react';
import {
  FormProvider,
  useForm,
  type DefaultValues,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import { useAsking } from './useAsking.js';

export type Fields<K extends string = string> = Record<K, string>;

/** What a field must be; read by `formCheck.ts`, which is brought when a form is first used. */
export interface FieldRule {
  /** What stands above it. */
  label: string;
  needed: boolean;
  email?: boolean;
  /** Fewest and most characters. */
  min?: number;
  max?: number;
  oneOf?: readonly string[];
  /** Whether blanks around it are kept, as in passwords. */
  verbatim?: boolean;
}

/** The fields of a form by name. */
export type FormShape<K extends string = string> = Record<K, FieldRule>;

/** An e-mail address as people type it: whatever stands behind the dot. */
export const emailField: FieldRule = { label: 'E-mail', needed: true, email: true, max: 254 };

/** A line that must say something. */
export const neededField = (label: string, max = 200): FieldRule => ({ label, needed: true, max });

/** A new password; what it is worth is weighed by the server. */
export const newPasswordField: FieldRule = {
  label: 'Password',
  needed: true,
  min: 10,
  max: 200,
  verbatim: true,
};

const loadCheck = () => import('./formCheck.js');

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
    resolver: (async (values, context, options) =>
      (await loadCheck()).resolverOf(shape)(values, context, options as never)) as Resolver<
      Fields<K>
    >,
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
        onFocus={() => void loadCheck().catch(() => undefined)}
        onSubmit={(event) =>
          void form.handleSubmit((fields) => ask(() => send(fields, form)))(event)
        }
      >
        {children({ busy, fault, form })}
      </form>
    </FormProvider>
  );
}
