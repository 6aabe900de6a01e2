import { StyleSheet, View } from 'react-native';
import { Icon } from 'react-native-paper';
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
              {/* Paper's checkbox asks for an icon font and tells nobody that it is ticked: its outlines, on a row that does. */}
              <Icon
                source={on ? 'checkbox-marked' : 'checkbox-blank-outline'}
                size={24}
                color={on ? roles.brew : roles.text}
              />
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
  words: { flex: 1 },
});
