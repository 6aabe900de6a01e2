import { View } from 'react-native';
import { peopleOf } from '@/core/settings/person';
import type { Lot } from '@/core/lots/lot';
import { palatesOf } from '@/core/tasting/palate';
import { tastingsOf } from '@/core/tasting/tastings';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { palateLines } from '@/words/bottles/back-words';
import { t } from '@/core/language/t';
import { LikesMap } from './likes-map';

/** What each of the household likes, learned from their scores. */
export function PalatesCard({ lots, now }: { readonly lots: readonly Lot[]; readonly now: number }) {
  const household = useAppSelector(selectHousehold);
  const people = peopleOf(household).map(({ name }) => name);
  const sips = lots.flatMap(tastingsOf);
  const palates = palatesOf(sips, people, now);
  return (
    <Card label={t`Whose palate`} testID="palates">
      <Text as="subheading" level={2}>{t`What each likes`}</Text>
      {palates.length === 0 ? (
        <Text>{t`Say who sips when you taste, and each palate is learned here, sip by sip.`}</Text>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.large }}>
        {palates.map((palate) => (
          <View key={palate.person} style={{ gap: gap.hair }}>
            <Text as="strong">{palate.person}</Text>
            <LikesMap palate={palate} sips={sips.filter(({ by }) => by === palate.person)} />
            {palateLines(palate).map((line) => (
              <Text key={line}>{line}</Text>
            ))}
          </View>
        ))}
      </View>
      {palates.length > 0 ? (
        <Text>{t`A full dot is a sip that was liked. The leaf is where the liking lies.`}</Text>
      ) : null}
    </Card>
  );
}
