import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { plain } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { Text } from './text';

interface Props<T extends FieldValues> {
  readonly control: Control<T, unknown, FieldValues>;
  readonly name: FieldPath<T>;
  readonly label: string;
  readonly hint?: string;
  readonly numeric?: boolean;
  readonly multiline?: boolean;
}

/** A field of a form: its name above it, what it means or what is wrong below it. */
export function Field<T extends FieldValues>({ control, name, label, hint, numeric, multiline }: Props<T>) {
  const roles = useRoles();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <View style={{ gap: 4, flex: 1 }}>
          <Text as="strong">{label}</Text>
          <TextInput
            mode="outlined"
            ref={field.ref}
            value={String(field.value ?? '')}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            error={Boolean(error)}
            aria-label={label}
            multiline={multiline}
            inputMode={numeric ? 'decimal' : 'text'}
            autoCapitalize="none"
            autoComplete="off"
            style={{ fontSize: 18, backgroundColor: roles.card }}
            contentStyle={{ fontFamily: plain }}
          />
          {error ? (
            <Text color={roles.danger} live testID={`error-${name}`}>
              {error.message ?? 'Check this amount.'}
            </Text>
          ) : hint ? (
            <Text color={roles.softText}>{hint}</Text>
          ) : null}
        </View>
      )}
    />
  );
}
