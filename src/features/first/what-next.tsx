import { useRouter } from 'expo-router';
import { firstBrewFrom } from '@/core/starter/first-brew';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { useForecasts } from '../forecasting/forecasts';
import { QuietDay } from './quiet-day';
import { t } from '@/core/language/t';

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
  return (
    <Card label={t`First brew`} testID="first-brew">
      <Text as="heading" level={2}>{t`Brew a soda from ${lot.name}`}</Text>
      <Text as="strong">{t`It is ready now`}</Text>
      <Text>{t`A sweet base, cooled, and some of it stirred in.`}</Text>
      <InkButton label={t`Lay it out`} onPress={() => router.navigate(`/brews/new?starter=${lot.id}`)} />
    </Card>
  );
}
