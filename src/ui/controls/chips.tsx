import { StyleSheet, View } from 'react-native';
import { corners } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props<V extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly chosen: readonly V[];
  readonly onToggle: (value: V) => void;
}

/** Any of a few, as chips: toggles to the keyboard and the screen reader. */
export function Chips<V extends string>({ label, options, chosen, onToggle }: Props<V>) {
  const roles = useRoles();
  return (
    <View role="group" aria-label={label} style={styles.group}>
      {options.map((option) => {
        const on = chosen.includes(option.value);
        return (
          <Press
            key={option.value}
            role="checkbox"
            aria-checked={on}
            aria-label={option.label}
            onPress={() => onToggle(option.value)}
            style={[
              styles.chip,
              corners.pill,
              { borderColor: roles.button, backgroundColor: on ? roles.button : undefined },
            ]}
          >
            <Text as="strong" color={on ? roles.onButton : roles.text}>
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
