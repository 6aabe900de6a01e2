import type { ReactNode } from 'react';
import { View } from 'react-native';
import { knownCultures, lastBatchId } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { lotName } from '@/words/names';
import { isPacket } from '../forms/packet-dose';
import { volumeEcho } from '../forms/portion-form';

interface Props {
  readonly control: never;
  readonly starters: readonly Lot[];
  readonly life: string;
  readonly onLife: (life: string) => void;
  /** What stands beside the dose. */
  readonly children: ReactNode;
}

/** What brings a brew to life: a jar, a cup of another batch, a packet, or what lives on the base; and how much of it. */
export function BrewLife({ control, starters, life, onLife, children }: Props) {
  const household = useAppSelector(selectHousehold);
  const chosen = starters.find(({ id }) => id === life);
  const packet = chosen !== undefined && isPacket(chosen);
  const lives = [
    ...starters.map((lot) => ({
      value: lot.id,
      label: lot.role === 'starter' ? lotName(lot, household) : `A cup of ${lotName(lot, household)}`,
    })),
    { value: 'portion', label: 'A packet, grains or whey' },
    { value: 'bare', label: 'Nothing: it lives on the base' },
  ];
  return (
    <>
      <Text as="strong">What brings it to life?</Text>
      <Choice label="What brings it to life?" options={lives} value={life} onChange={onLife} />
      <View style={{ flexDirection: 'row', gap: gap.medium, flexWrap: 'wrap' }}>
        {chosen ? (
          <Field
            control={control}
            name={'dose' as never}
            label={packet ? 'Yeast' : 'Starter to draw'}
            hint={doseHint(chosen)}
            echo={packet ? undefined : volumeEcho('ml')}
          />
        ) : null}
        {children}
      </View>
    </>
  );
}

/** What is usual of a kind: a share of the batch, or grams a litre. */
function doseHint(lot: Lot): string | undefined {
  const culture = knownCultures(lot.role === 'starter' ? lot.culture : lastBatchId);
  if (!culture) return undefined;
  const { low, high } = culture.dose;
  return culture.unit === 'g'
    ? `${low}–${high} g a litre is usual`
    : `${Math.round(low * 1000) / 10}–${Math.round(high * 1000) / 10} % of the batch is usual`;
}
