import { useRouter } from 'expo-router';
import { libraryFor } from '@/core/recipes/library/library-for';
import { firstBrewFrom, firstBrewMl } from '@/core/starter/first-brew';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { useForecasts } from '../forecasting/forecasts';
import { QuietDay } from './quiet-day';
import { t } from '@/core/language/t';

/** So many drinks are proposed. */
const drinks = 3;

interface Props {
  readonly now: number;
  /** Whether Today asks for nothing. */
  readonly quiet: boolean;
}

/** Who never brewed is told when a starter is ready for it; on a quiet day others are told that it is one. */
export function WhatNext({ now, quiet }: Props) {
  const household = useAppSelector(selectHousehold);
  const { living, starterAnswer } = useForecasts();
  const router = useRouter();
  const lot = firstBrewFrom({ household, living, starterAnswer, now });
  if (!lot) return quiet ? <QuietDay /> : null;
  const layOut = (what: string) => router.navigate(`/brews/new?starter=${lot.id}${what}`);
  return (
    <Card label={t`First brew`} testID="first-brew">
      <Text as="heading" level={2}>{t`Brew a soda from ${lot.name}`}</Text>
      <Text as="strong">{t`Ready now`}</Text>
      {libraryFor(lot.culture ?? '')
        .slice(0, drinks)
        .map(({ id, name }, i) => (
          <InkButton
            key={id}
            quiet={i > 0}
            label={name}
            onPress={() => layOut(`&recipe=${id}&ml=${firstBrewMl}`)}
          />
        ))}
      <InkButton quiet label={t`Something of my own`} onPress={() => layOut('')} />
    </Card>
  );
}
