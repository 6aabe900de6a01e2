import { StyleSheet, View } from 'react-native';
import { corners } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props<V extends string | number> {
  readonly label: string;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly value: V | null;
  readonly onChange: (value: V) => void;
}

/** One of a few, as chips: a radio group to the keyboard and the screen reader. */
export function Choice<V extends string | number>({ label, options, value, onChange }: Props<V>) {
  const roles = useRoles();
  return (
    <View role="radiogroup" aria-label={label} style={styles.group}>
      {options.map((option) => {
        const chosen = option.value === value;
        return (
          <Press
            key={option.value}
            role="radio"
            aria-checked={chosen}
            aria-label={option.label}
            onPress={() => onChange(option.value)}
            style={[
              styles.chip,
              corners.pill,
              { borderColor: roles.button, backgroundColor: chosen ? roles.button : undefined },
            ]}
          >
            <Text as="strong" color={chosen ? roles.onButton : roles.text}>
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
  chip: { paddingHorizontal: 16, borderWidth: 1.5, alignItems: 'center' },
});
