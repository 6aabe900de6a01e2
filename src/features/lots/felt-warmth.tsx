import { useState } from 'react';
import { felt, feltWords, type Felt } from '@/core/brew/pitch-check';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { t } from '@/core/language/t';

const labels: Readonly<Record<Felt, string>> = {
  'cool-to-touch': t`Cool to the touch`,
  lukewarm: t`Lukewarm`,
  warm: t`Warm`,
  hot: t`Hot`,
};

interface Props {
  readonly lot: Lot;
  /** The °C taken for what was felt. */
  readonly onFelt: (celsius: number) => void;
}

/** How warm a base feels, for a kitchen without a thermometer; what was mixed cold is as warm as its place. */
export function FeltWarmth({ lot, onFelt }: Props) {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const [touched, setTouched] = useState<Felt | 'room' | null>(null);
  const room = Math.round(celsiusAt(household.warmths, lot.place, now) * 2) / 2;
  return (
    <Choice
      titled
      label={t`How warm is the base?`}
      options={[
        ...feltWords.map((value) => ({ value, label: labels[value] })),
        { value: 'room' as const, label: t`Mixed cold: as the room` },
      ]}
      value={touched}
      onChange={(value) => {
        setTouched(value);
        onFelt(value === 'room' ? room : felt[value].celsius);
      }}
    />
  );
}
