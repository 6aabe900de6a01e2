import { StyleSheet, View } from 'react-native';
import { HelperText, Searchbar } from 'react-native-paper';
import { corners } from '../theme/shape';
import { plain, type } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { Icon } from '../icons/icon';
import { t } from '@/core/language/t';

interface Props {
  /** Its name, and what stands in it while it is empty. */
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly hint: string;
}

/** A box to find something by its name. */
export function SearchBox({ label, value, onChange, hint }: Props) {
  const roles = useRoles();
  return (
    <View>
      <Searchbar
        placeholder={label}
        value={value}
        onChangeText={onChange}
        role="searchbox"
        aria-label={label}
        searchAccessibilityLabel={t`Type in “${label}”`}
        clearAccessibilityLabel={t`Empty it`}
        icon={({ color, size }) => <Icon name="find" color={color} size={size} />}
        autoCapitalize="none"
        autoComplete="off"
        style={[styles.bar, corners.note, { backgroundColor: roles.card, borderColor: roles.softText }]}
        inputStyle={styles.input}
      />
      <HelperText type="info" padding="none" style={[styles.hint, { color: roles.softText }]}>
        {hint}
      </HelperText>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { borderWidth: 1 },
  input: { ...type.body, fontFamily: plain, fontSize: 18 },
  hint: { ...type.body, paddingVertical: 2 },
});
