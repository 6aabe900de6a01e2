import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';

/** What a form's values come to: an output, or what is wrong at which field. */
export type FormReading<O> =
  | { readonly ok: true; readonly value: O }
  | { readonly ok: false; readonly faults: Readonly<Record<string, string>> };

export const reads = <O>(value: O): FormReading<O> => ({ ok: true, value });
export const faultAt = (path: string, message: string): FormReading<never> => ({
  ok: false,
  faults: { [path]: message },
});

/** A resolver from a function that reads the values by the core's own rules. */
export const resolverOf =
  <I extends FieldValues, O extends FieldValues>(
    read: (values: I) => FormReading<O>,
  ): Resolver<I, unknown, O> =>
  (values) => {
    const reading = read(values);
    if (reading.ok) return { values: reading.value, errors: {} };
    const errors: Record<string, unknown> = {};
    for (const [path, message] of Object.entries(reading.faults))
      put(errors, path.split('.'), { type: 'custom', message });
    return { values: {}, errors: errors as FieldErrors<I> };
  };

function put(into: Record<string, unknown>, [key, ...rest]: string[], value: unknown): void {
  if (key === undefined) return;
  if (rest.length === 0) into[key] = value;
  else put((into[key] ??= {}) as Record<string, unknown>, rest, value);
}
