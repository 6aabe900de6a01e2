import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { plain, type } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { Text } from './text';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onLeave?: () => void;
  readonly hint?: string | undefined;
  /** What was understood, shown in place of the hint. */
  readonly echo?: string | undefined;
  readonly error?: string | undefined;
  readonly errorId?: string;
  readonly numeric?: boolean | undefined;
  readonly multiline?: boolean | undefined;
  /** What stands in it while nothing is written. */
  readonly placeholder?: string | undefined;
  /** Enter was pressed. */
  readonly onEnter?: (() => void) | undefined;
  readonly inputRef?: (box: unknown) => void;
}

/** A box to write in: its name above it, below it what was understood or what is wrong. */
export function TextBox(props: Props) {
  const { label, value, onChange, onLeave, hint, echo, error, errorId, numeric, multiline, inputRef } = props;
  const { placeholder, onEnter } = props;
  const roles = useRoles();
  const below = error ?? echo ?? hint;
  return (
    <View style={{ gap: 4, flex: 1, minWidth: 130 }}>
      <Text as="strong">{label}</Text>
      <TextInput
        mode="outlined"
        ref={inputRef}
        value={value}
        onChangeText={onChange}
        onBlur={onLeave}
        error={Boolean(error)}
        aria-label={label}
        multiline={multiline}
        {...(placeholder === undefined ? {} : { placeholder, placeholderTextColor: roles.softText })}
        {...(onEnter ? { onKeyPress: entering(onEnter) } : {})}
        inputMode={numeric ? 'decimal' : 'text'}
        autoCapitalize="none"
        autoComplete="off"
        style={{ fontSize: 18, backgroundColor: roles.card }}
        contentStyle={{ fontFamily: plain }}
      />
      {below ? (
        <HelperText
          type={error ? 'error' : 'info'}
          padding="none"
          aria-live={error ? 'polite' : 'off'}
          testID={error ? (errorId ?? 'error') : 'hint'}
          style={[styles.below, { color: error ? roles.danger : roles.softText }]}
        >
          {below}
        </HelperText>
      ) : null}
    </View>
  );
}

/** Enter alone does it, in a box of several lines too; with Shift it breaks the line. */
const entering = (onEnter: () => void) => (event: { nativeEvent: object; preventDefault: () => void }) => {
  const { key, shiftKey } = event.nativeEvent as { key?: string; shiftKey?: boolean };
  if (key !== 'Enter' || shiftKey) return;
  event.preventDefault();
  onEnter();
};

const styles = StyleSheet.create({ below: { ...type.body, paddingVertical: 0 } });
