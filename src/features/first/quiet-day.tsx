import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { t } from '@/core/language/t';

/** Nothing to do: say so, and leave people alone. */
export function QuietDay() {
  const roles = useRoles();
  return (
    <Card>
      <Text as="heading" level={2}>{t`All is fed, cold or asleep`}</Text>
      <Text
        color={roles.softText}
      >{t`Nothing opens within two days. A look at the jars never hurts: foam, hiss, smell.`}</Text>
    </Card>
  );
}
