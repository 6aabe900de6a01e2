import { StyleSheet, View } from 'react-native';
import { corners } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props<V extends string | number> {
  readonly label: string;
  /** One of a few, or any of them. */
  readonly pick: 'one' | 'any';
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly isOn: (value: V) => boolean;
  readonly onPress: (value: V) => void;
}

/** Chips in a row that breaks: a radio group or checkboxes to the keyboard and the screen reader. */
export function ChipRow<V extends string | number>({ label, pick, options, isOn, onPress }: Props<V>) {
  const roles = useRoles();
  return (
    <View role={pick === 'one' ? 'radiogroup' : 'group'} aria-label={label} style={styles.group}>
      {options.map((option) => {
        const on = isOn(option.value);
        return (
          <Press
            key={option.value}
            role={pick === 'one' ? 'radio' : 'checkbox'}
            aria-checked={on}
            aria-label={option.label}
            onPress={() => onPress(option.value)}
            style={[
              styles.chip,
              corners.pill,
              { borderColor: roles.button, backgroundColor: on ? roles.button : undefined },
            ]}
          >
            <Text as="strong" named color={on ? roles.onButton : roles.text}>
              {option.label}
            </Text>
          </Press>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  chip: { paddingHorizontal: 16, borderWidth: 1.5, alignItems: 'center', maxWidth: '100%' },
});
