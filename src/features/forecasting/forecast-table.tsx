import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Course } from '@/core/forecast/answer/course';
import { each, type FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { moment } from '@/words/moment';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';
import { readingShown, unitShown } from '@/core/measures/unit-system';
import { capital } from '@/core/capital';

interface Props {
  readonly course: Course;
  readonly start: number;
  readonly now: number;
  readonly sealed: boolean;
}

const cell = (five: FiveNumbers, digits: number) =>
  `${five[2].toFixed(digits)} (${five[0].toFixed(digits)}–${five[4].toFixed(digits)})`;

/** The reported hours nearest to now and to every half day after, for four days. */
function everyHalfDay(hours: readonly number[], nowHour: number): { hour: number; index: number }[] {
  const wanted = Array.from({ length: 9 }, (_, i) => nowHour + i * 12).filter(
    (hour) => hour <= hours.at(-1)!,
  );
  const nearest = wanted.map((hour) =>
    hours.reduce(
      (best, each, index) => (Math.abs(each - hour) < Math.abs(hours[best]! - hour) ? index : best),
      0,
    ),
  );
  return [...new Set(nearest)].map((index) => ({ hour: hours[index]!, index }));
}

/** The same numbers as a table, every half day. */
export const ForecastTable = memo(function ForecastTable({ course, start, now, sealed }: Props) {
  const roles = useRoles();
  const [open, setOpen] = useState(false);
  const nowHour = (now - start) / hourMs;
  const rows = open ? everyHalfDay(course.hours, nowHour) : [];
  const { series } = course;
  return (
    <View style={{ gap: 8 }}>
      <InkButton
        quiet
        label={open ? t`Hide the table` : t`As a table`}
        onPress={() => setOpen(!open)}
        style={{ alignSelf: 'flex-start' }}
      />
      {open ? (
        <View role="table" aria-label={t`Forecast`}>
          <View role="row" style={styles.row}>
            {[t`When`, t`Sweet g/L`, sealed ? capital(unitShown('bar')) : 'pH', t`Alcohol %`].map((title) => (
              <View key={title} role="columnheader" style={styles.cell}>
                <Text as="strong">{title}</Text>
              </View>
            ))}
          </View>
          {rows.map(({ hour, index }) => (
            <View
              key={hour}
              role="row"
              style={[styles.row, { borderTopWidth: 1, borderColor: roles.hairline }]}
            >
              {[
                moment(start + hour * hourMs, now),
                cell(series.sweet[index]!, 0),
                sealed
                  ? cell(
                      each(series.gauge[index]!, (bar) => readingShown(bar, 'bar')),
                      unitShown('bar') === 'bar' ? 1 : 0,
                    )
                  : cell(series.ph[index]!, 1),
                cell(series.alcohol[index]!, 1),
              ].map((text, column) => (
                <View key={column} role="cell" style={styles.cell}>
                  <Text>{text}</Text>
                </View>
              ))}
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', paddingVertical: 6, gap: 6 },
  cell: { flex: 1 },
});
