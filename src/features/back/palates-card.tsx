import { View } from 'react-native';
import { peopleOf } from '@/core/settings/person';
import type { Lot } from '@/core/lots/lot';
import { palatesOf } from '@/core/tasting/palate';
import { tastingsOf } from '@/core/tasting/tastings';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { palateLines } from '@/words/bottles/back-words';
import { t } from '@/core/language/t';

/** What each of the household likes, learned from their scores. */
export function PalatesCard({ lots, now }: { readonly lots: readonly Lot[]; readonly now: number }) {
  const household = useAppSelector(selectHousehold);
  const people = peopleOf(household).map(({ name }) => name);
  const palates = palatesOf(lots.flatMap(tastingsOf), people, now);
  return (
    <Card label={t`Whose palate`} testID="palates">
      <Text as="subheading" level={2}>{t`What each likes`}</Text>
      {palates.length === 0 ? (
        <Text>{t`Say who sips when you taste, and each palate is learned here, sip by sip.`}</Text>
      ) : null}
      {palates.map((palate) => (
        <View key={palate.person}>
          <Text as="strong">{palate.person}</Text>
          {palateLines(palate).map((line) => (
            <Text key={line}>{line}</Text>
          ))}
        </View>
      ))}
    </Card>
  );
}
