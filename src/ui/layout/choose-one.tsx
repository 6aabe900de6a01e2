import { View } from 'react-native';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';

/** The empty half of a wide screen. */
export function ChooseOne({ words }: { readonly words: string }) {
  const roles = useRoles();
  return (
    <View style={{ flex: 1, alignItems: 'center', justifyContent: 'center', padding: 40 }}>
      <Text as="subheading" color={roles.softText}>
        {words}
      </Text>
    </View>
  );
}
