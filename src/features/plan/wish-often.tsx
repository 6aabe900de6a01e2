import { View } from 'react-native';
import { parseNumber } from '@/core/measures/parse-measure';
import type { WishSetting } from '@/core/settings/wish';
import { Choice } from '@/ui/controls/choice';
import { MomentField } from '@/ui/controls/moment-field';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { litres } from '@/words/amounts';
import { moment } from '@/words/moment';
import { t } from '@/core/language/t';

/** How often it is wished, as it is typed. */
export interface Often {
  readonly kind: 'once' | NonNullable<WishSetting['standing']>['kind'];
  readonly days: string;
  /** In what is counted. */
  readonly weekly: string;
  readonly by: number | null;
}

const kinds = [
  { value: 'once', label: t`Once` },
  { value: 'every', label: t`Every few days` },
  { value: 'stock', label: t`Always cold` },
] as const;

/** The standing wish that is typed; undefined for once, null where a number is missing. @param each ml of what is counted */
export function standingOf(
  { kind, days, weekly }: Often,
  each: number,
  since: number,
): WishSetting['standing'] | null {
  if (kind === 'once') return undefined;
  if (kind === 'every') {
    const every = parseNumber(days);
    return Number.isInteger(every) && every >= 1 && every <= 60 ? { kind, days: every, since } : null;
  }
  const weeklyMl = parseNumber(weekly) * each;
  return weeklyMl >= 50 && weeklyMl <= 100_000 ? { kind, weeklyMl, since } : null;
}

interface Props {
  readonly often: Often;
  readonly each: number;
  readonly now: number;
  readonly onChange: (change: Partial<Often>) => void;
}

/** Once by a time, every few days from a time on, or always so much. */
export function WishOften({ often, each, now, onChange }: Props) {
  const { kind, days, weekly, by } = often;
  const standing = standingOf(often, each, now);
  const bad = standing === null;
  return (
    <View style={{ gap: gap.medium }}>
      <Choice
        titled
        label={t`How often`}
        options={kinds}
        value={kind}
        onChange={(to) => onChange({ kind: to })}
      />
      {kind === 'every' ? (
        <TextBox
          label={t`Every so many days`}
          value={days}
          onChange={(to) => onChange({ days: to })}
          numeric
          error={bad ? t`A whole number of days, 60 at most.` : undefined}
        />
      ) : null}
      {kind === 'stock' ? (
        <TextBox
          label={t`Drunk in a week`}
          value={weekly}
          onChange={(to) => onChange({ weekly: to })}
          numeric
          echo={standing?.kind === 'stock' ? t`= ${litres(standing.weeklyMl)}` : undefined}
          error={bad ? t`A number of glasses, bottles or litres.` : undefined}
        />
      ) : (
        <MomentField
          label={kind === 'every' ? t`First cold by` : t`Cold by`}
          value={by}
          min={now}
          onChange={(to) => onChange({ by: to })}
          said={by !== null && by > now ? moment(by, now) : t`A time to come`}
        />
      )}
    </View>
  );
}
