import { useRouter } from 'expo-router';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { t } from '@/core/language/t';

interface Props {
  readonly what: string;
  readonly back: string;
}

/** An address that leads to nothing: undone, wiped, or never there. */
export function Nowhere({ what, back }: Props) {
  const router = useRouter();
  return (
    <Screen title={t`This ${what} is not in the journal`}>
      <Text>{t`Its beginning may have been taken back, or it belongs to another browser’s journal.`}</Text>
      <InkButton label={t`Go back`} onPress={() => router.replace(back)} />
    </Screen>
  );
}
