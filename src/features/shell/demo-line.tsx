import { atBase } from '@/ui/files/at-base';
import { View } from 'react-native';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { t } from '@/core/language/t';

/** Says that this household is invented, and leads to the own one. */
export function DemoLine() {
  const roles = useRoles();
  return (
    <View
      style={{
        flexDirection: 'row',
        justifyContent: 'space-between',
        alignItems: 'center',
        paddingLeft: gap.large,
        backgroundColor: roles.well,
      }}
    >
      <Text as="label">{t`An invented household, new each day`}</Text>
      <Press
        role="link"
        aria-label={t`Open my own kitchen`}
        onPress={() => window.location.assign(atBase('?demo=0'))}
        style={{ paddingHorizontal: gap.large }}
      >
        <Text as="strong">{t`My own`}</Text>
      </Press>
    </View>
  );
}
