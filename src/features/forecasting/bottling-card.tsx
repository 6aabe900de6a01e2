import { useMemo } from 'react';
import { View } from 'react-native';
import { bottledAt } from '@/core/forecast/courses';
import type { StoredRun } from '@/core/forecast/stored-run';
import { Figure } from '@/ui/controls/figure';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { duration } from '@/words/moment';
import { useRested } from './hand';
import { RidingCard } from './riding-card';
import type { Handle } from './use-handle';

interface Props {
  readonly run: StoredRun;
  readonly wantedVolumes: number;
  readonly handle: Handle;
}

const range = (low: number, high: number) => `${low.toFixed(0)}–${high.toFixed(0)}`;

/** What bottling at the handle would lead to. */
export function BottlingCard({ run, wantedVolumes, handle }: Props) {
  const roles = useRoles();
  const hour = handle.hourOf(useRested(handle.hand));
  const then = useMemo(() => bottledAt(run, hour, wantedVolumes), [run, hour, wantedVolumes]);
  const [early, middle, late] = then.hoursToFizz;
  const days = Number.isFinite(middle) ? duration(middle) : 'over a week';
  const spread = Number.isFinite(late)
    ? `${duration(early)}–${duration(late)}`
    : `${Number.isFinite(early) ? duration(early) : 'a week'} or more`;
  return (
    <RidingCard edge={roles.brew} label="If you bottle here" testID="bottling-card">
      <View style={{ flex: 1, gap: 2 }}>
        <Text>
          If you bottle <Text as="strong">{handle.words(hour)}</Text>
        </Text>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
          <Figure
            value={then.sweetnessAtBottling[2].toFixed(0)}
            unit="g/L sweet going in"
            range={range(then.sweetnessAtBottling[0], then.sweetnessAtBottling[4])}
          />
          <Figure value={days} unit={`to ${wantedVolumes} volumes`} range={spread} />
          <Figure
            value={then.sweetnessThen[2].toFixed(0)}
            unit="g/L sweet then"
            range={range(then.sweetnessThen[0], then.sweetnessThen[4])}
          />
        </View>
      </View>
    </RidingCard>
  );
}
