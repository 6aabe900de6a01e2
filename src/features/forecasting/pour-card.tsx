import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/family-answer';
import { coolingHours } from '@/core/forecast/lot-stages';
import { settleHours } from '@/core/forecast/pour';
import type { ChilledThen } from '@/core/forecast/courses';
import type { FiveNumbers } from '@/core/forecast/quantiles';
import type { StoredRun } from '@/core/forecast/stored-run';
import { nextAwake, wakingOf } from '@/core/kitchen/waking';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { Glass } from '@/ui/drawings/glass';
import { moment, quarter } from '@/words/moment';
import { RidingCard } from './riding-card';
import { usePour } from './use-chills';

interface Props {
  readonly run: StoredRun;
  readonly answer: LotAnswer;
  readonly hour: number;
  readonly table: ReadonlyMap<number, ChilledThen> | null;
  readonly when: string;
  readonly now: number;
  /** Colour of the drink, from what is in it. */
  readonly colour: string;
}

/** Room for the longest usual sentence, so that the lanes below do not move while the hand does. */
const wordsHeight = 178;

const range = (five: FiveNumbers, digits: number) => `${five[0].toFixed(digits)}–${five[4].toFixed(digits)}`;

/** What would be poured if the bottle went into the fridge at the handle. */
export function PourCard({ run, answer, hour, table, when, now, colour }: Props) {
  const roles = useRoles();
  const limitBar = answer.limitBar ?? 0;
  const pour = usePour(run, hour, limitBar, table);
  const waking = wakingOf(useAppSelector(selectHousehold));
  const settled = answer.start + (hour + settleHours + coolingHours) * 3_600_000;
  const served = moment(quarter(nextAwake(settled, waking)), now);
  const danger = pour.chanceOverLimit > 0.05;
  const share = Math.round((pour.peakGaugeBar[2] / Math.max(0.1, limitBar)) * 100);
  return (
    <RidingCard edge={danger ? roles.danger : roles.brew} label="If you chill here" testID="pour-card">
      <Glass
        sweetness={pour.sweetnessGramsPerLitre[2]}
        volumes={pour.volumes[2]}
        abv={pour.abvPercent[2]}
        colour={colour}
        label="The glass as it would be poured"
      />
      <View style={{ flex: 1, minWidth: 0, minHeight: wordsHeight, gap: 2 }}>
        <Text>
          If you chill <Text as="strong">{when}</Text>, then pour {served}
        </Text>
        <Text as="strong">
          {`${pour.sweetnessGramsPerLitre[2].toFixed(0)} g/L sweet (${range(pour.sweetnessGramsPerLitre, 0)}), ${pour.volumes[2].toFixed(1)} volumes (${range(pour.volumes, 1)}), ${pour.abvPercent[2].toFixed(1)} % (${range(pour.abvPercent, 1)})`}
        </Text>
        <Text live testID="pour-sentence" color={danger ? roles.danger : roles.text}>
          {`Peak ${pour.peakGaugeBar[2].toFixed(1)} bar warm (${range(pour.peakGaugeBar, 1)}), ${share} % of the limit. ${riskWords(pour.chanceOverLimit)}`}
        </Text>
      </View>
    </RidingCard>
  );
}

function riskWords(chance: number): string {
  if (chance <= 0.021) return 'Hardly any chance that it passes the limit.';
  if (chance <= 0.05) return 'About one chance in twenty that it passes the limit.';
  const inTen = Math.max(1, Math.round(chance * 10));
  if (chance < 0.9)
    return `About ${inTen === 1 ? 'one chance' : `${inTen} chances`} in ten that it passes the limit: chill earlier.`;
  return 'It almost surely passes the limit: chill earlier, in place, glasses on.';
}
