import { View } from 'react-native';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { t } from '@/core/language/t';

interface Props {
  /** Why it cannot begin; null when nothing is wrong. */
  readonly fault: string | null;
  readonly onBegin: (how: 'mixed' | 'steps') => void;
}

/** The brew begins: step by step, or mixed already. */
export function BeginRow({ fault, onBegin }: Props) {
  const roles = useRoles();
  return (
    <>
      {fault ? <Text color={roles.danger}>{fault}</Text> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton label={t`Brew it, step by step`} onPress={() => onBegin('steps')} />
        <InkButton quiet label={t`Mixed`} hint={t`Mixed: write it down`} onPress={() => onBegin('mixed')} />
      </View>
    </>
  );
}
