import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { TextBox } from './text-box';
import { t } from '@/core/language/t';

interface Props<T extends FieldValues, O extends FieldValues> {
  readonly control: Control<T, unknown, O>;
  readonly name: FieldPath<T>;
  readonly label: string;
  readonly hint?: string;
  /** What was understood of the text. */
  readonly echo?: (text: string) => string | undefined;
  readonly numeric?: boolean;
  readonly multiline?: boolean;
}

/** A text box of a form. */
export function Field<T extends FieldValues, O extends FieldValues>({
  control,
  name,
  label,
  hint,
  echo,
  numeric,
  multiline,
}: Props<T, O>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <TextBox
          label={label}
          value={String(field.value ?? '')}
          onChange={field.onChange}
          onLeave={field.onBlur}
          hint={hint}
          echo={echo?.(String(field.value ?? ''))}
          error={error ? (error.message ?? t`Check this amount.`) : undefined}
          errorId={`error-${name}`}
          numeric={numeric}
          multiline={multiline}
          inputRef={field.ref}
        />
      )}
    />
  );
}
