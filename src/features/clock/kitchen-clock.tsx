import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { clockRows, likeThen, nightsOf, type ClockRow } from '@/core/tasks/kitchen-clock';
import { awayOf } from '@/core/settings/away';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { SharedClock } from '@/ui/drawings/shared-clock';
import { useRoles } from '@/ui/theme/use-roles';
import { neglectOf } from '@/core/starter/neglect';
import { jarWord } from '@/words/starters/jar-word';
import { likeWords, verbWords } from '@/words/tasks/clock-words';
import { moment, quarter } from '@/words/moment';
import { ruleOrder } from '@/words/tasks/rule-words';
import { lotName } from '@/words/names';
import { useForecasts } from '../forecasting/forecasts';
import { hrefOf } from '@/ui/layout/lot-href';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly now: number;
  /** Names beside their ribbons, when there is room. */
  readonly beside: boolean;
}

const nameWidth = 170;

/** Every living lot on one clock: its window, what it will be like at a moment drawn along the axis; a row leads to it. */
export function KitchenClock({ now, beside }: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const { living, lotAnswer, starterAnswer } = useForecasts();
  const [ahead, setAhead] = useState(0);
  const hour = Math.floor(now / hourMs) * hourMs;
  const [start, end] = [hour - 12 * hourMs, hour + 84 * hourMs];
  const ask = { household, living, lotAnswer, starterAnswer, now };
  const rows = clockRows(ask);
  const nights = useMemo(() => nightsOf(start, end, wakingOf(household)), [start, end, household]);
  const away = awayOf(household);
  const at = Math.min(end, now + ahead * hourMs);
  const atWords = ahead === 0 ? t`now` : moment(quarter(at), now);
  return (
    <View testID="kitchen-clock" style={{ gap: 8 }}>
      <Text as="heading" level={2}>{t`The kitchen’s clock`}</Text>
      <Text live color={roles.softText}>
        {t`${ahead === 0 ? t`As it is now` : t`As it is likely to be ${atWords}`}. Draw along the axis to read another moment.`}
      </Text>
      <SharedClock
        start={start}
        end={end}
        now={now}
        nights={away ? [...nights, [Math.max(start, away.from), Math.min(end, away.to)]] : nights}
        at={at}
        atWords={atWords}
        onAt={(to) => setAhead((to - now) / hourMs)}
        names={beside ? nameWidth : 0}
      >
        {rows.map((row) => (
          <Row
            key={row.lot.id}
            row={row}
            like={likeWords(
              likeThen(ask.lotAnswer, row.lot.id, at),
              row.lot.role === 'starter'
                ? jarWord(
                    row.lot,
                    ask.starterAnswer(row.lot.id),
                    at,
                    neglectOf(row.lot, ask.household.warmths, now),
                  )
                : null,
              row.task?.verb === 'pitch',
            )}
            now={now}
            start={start}
            end={end}
            beside={beside}
          />
        ))}
      </SharedClock>
    </View>
  );
}

interface RowProps {
  readonly row: ClockRow;
  readonly like: string;
  readonly now: number;
  readonly start: number;
  readonly end: number;
  readonly beside: boolean;
}

function Row({ row: { lot, task }, like, now, start, end, beside }: RowProps) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const name = lotName(lot, household);
  // On a phone names stand above their ribbons, after the line of now, which would strike them through.
  const afterNow = `${(100 * (now - start)) / (end - start)}%` as const;
  const window = task
    ? t`${verbWords(task.verb)} from ${moment(quarter(task.from), now)} until ${moment(quarter(task.until), now)}${task.rule ? t`, or ${ruleOrder(task.rule, now)}` : ''}`
    : t`nothing to do yet`;
  return (
    <PressLink
      aria-label={`${name}: ${window}; ${like}`}
      href={hrefOf(lot)}
      style={[styles.row, beside ? styles.beside : null, { borderColor: roles.hairline }]}
    >
      <View style={beside ? { width: nameWidth, paddingRight: 8 } : [styles.above, { marginLeft: afterNow }]}>
        <Text as="strong" lines={2} style={beside ? { flexShrink: 1 } : { flex: 1, minWidth: 0 }}>
          {name}
        </Text>
        <Text as="label" color={roles.softText} lines={3} style={beside ? null : styles.like}>
          {like}
        </Text>
      </View>
      <View style={{ flex: beside ? 1 : undefined }}>
        {task ? (
          <Ribbon bare span={task} now={now} start={start} end={end} summary={window} />
        ) : (
          <Text as="label" color={roles.softText}>
            {window}
          </Text>
        )}
      </View>
    </PressLink>
  );
}

const styles = StyleSheet.create({
  row: { borderBottomWidth: 1, paddingVertical: 6, gap: 2 },
  beside: { flexDirection: 'row', alignItems: 'center', gap: 0 },
  like: { maxWidth: '46%', textAlign: 'right' },
  above: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    gap: 8,
    alignItems: 'baseline',
    paddingLeft: 6,
  },
});
