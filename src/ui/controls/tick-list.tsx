import { StyleSheet, View } from 'react-native';
import { Checkbox } from 'react-native-paper';
import { gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props<V extends string | number> {
  readonly label: string;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly isOn: (value: V) => boolean;
  readonly onPress: (value: V) => void;
}

/** A list to tick off, a row a line: the whole row is pressed. */
export function TickList<V extends string | number>({ label, options, isOn, onPress }: Props<V>) {
  const roles = useRoles();
  return (
    <View role="group" aria-label={label}>
      {options.map((option) => {
        const on = isOn(option.value);
        return (
          <Press
            key={option.value}
            role="checkbox"
            aria-checked={on}
            aria-label={option.label}
            onPress={() => onPress(option.value)}
          >
            <View style={styles.row}>
              {/* Paper's own row tells nobody that it is ticked: the row above does, this is its picture. */}
              <View aria-hidden style={styles.picture}>
                <Checkbox.Android
                  status={on ? 'checked' : 'unchecked'}
                  color={roles.brew}
                  uncheckedColor={roles.text}
                />
              </View>
              <Text named color={on ? roles.softText : roles.text} style={styles.words}>
                {option.label}
              </Text>
            </View>
          </Press>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: gap.small },
  picture: { pointerEvents: 'none', marginLeft: -6 },
  words: { flex: 1 },
});
