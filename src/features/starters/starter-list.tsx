import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { firstKind, knownCultures } from '@/core/cultures/registry';
import { everyLot } from '@/core/journal/household';
import { neglectOf } from '@/core/starter/neglect';
import { levelMl, solidGrams } from '@/core/matter/contents';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { Packet } from '@/ui/drawings/packet';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { volume } from '@/words/amounts';
import { duration } from '@/words/moment';
import { givesWords } from '@/words/starters/gives-words';
import { jarWord } from '@/words/starters/jar-word';
import { useForecasts } from '../forecasting/forecasts';
import { inFirstDays } from './begin/is-young';
import { StarterJar } from './jar/starter-jar';
import { lastFedAt } from './jar/last-fed';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly chosen: string | null;
}

/** Every starter as its own jar, to scale. */
export function StarterList({ chosen }: Props) {
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const starters = everyLot(household)
    .filter(({ role, ended }) => role === 'starter' && !ended)
    .sort((a, b) => (a.id > b.id ? -1 : 1));
  return (
    <Screen title={t`Starters`}>
      {starters.length === 0 ? (
        <Card>
          <Text as="heading" level={2}>{t`No jar on the shelf yet`}</Text>
          <Text>{t`Every soda starts from something living. A ${firstKind.name} takes a jar, ginger, sugar and three to seven days.`}</Text>
        </Card>
      ) : null}
      {starters.map((lot) => (
        <StarterCard key={lot.id} lot={lot} now={now} chosen={lot.id === chosen} />
      ))}
      {starters.length > 0 ? (
        <InkButton
          quiet
          label={t`Away, or a hot week ahead?`}
          onPress={() => router.navigate('/starters/ahead')}
        />
      ) : null}
      <InkButton
        quiet={starters.length > 0}
        label={starters.length > 0 ? t`Begin a starter` : t`Begin a ${firstKind.name}`}
        onPress={() => router.navigate('/starters/new')}
      />
    </Screen>
  );
}

interface CardProps {
  readonly lot: Lot;
  readonly now: number;
  readonly chosen: boolean;
}

function StarterCard({ lot, now, chosen }: CardProps) {
  const roles = useRoles();
  const wide = useWide();
  const answer = useForecasts().starterAnswer(lot.id);
  const neglect = neglectOf(lot, useAppSelector(selectHousehold).warmths, now);
  const packet = lot.vessel.kind === 'packet';
  const culture = knownCultures(lot.culture);
  const keptCold = culture?.keeping?.ripe.by === 'alive';
  const word = jarWord(lot, answer, undefined, neglect);
  const age = duration((now - (packet || keptCold ? lot.begunAt : lastFedAt(lot))) / hourMs);
  return (
    <PressLink aria-label={`${lot.name}, ${word}`} href={`/starters/${lot.id}`}>
      <Card edge={wide && chosen ? roles.starter : undefined}>
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-end' }}>
          {packet ? (
            <Packet alive={1} label="" height={86} />
          ) : (
            <StarterJar lot={lot} answer={answer} litreHeight={116} />
          )}
          <View style={{ flex: 1, gap: 2, minWidth: 0 }}>
            <Text as="heading" lines={2}>
              {lot.name}
            </Text>
            <Text color={roles.starter} as="strong">
              {word}
            </Text>
            <Text
              color={roles.softText}
            >{t`${packet ? t`packed` : keptCold ? t`made` : t`fed`} ${age} ago`}</Text>
            {packet ? (
              <Text>{t`${Number(solidGrams(lot.contents).toFixed(1))} g`}</Text>
            ) : inFirstDays(lot, now) ? (
              <Text>{t`${volume(Math.round(levelMl(lot.contents)))}, in its first days`}</Text>
            ) : (
              <Text>{`${volume(Math.round(levelMl(lot.contents)))}. ${givesWords(lot, neglect)}`}</Text>
            )}
          </View>
        </View>
      </Card>
    </PressLink>
  );
}
