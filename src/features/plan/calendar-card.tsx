import { useState } from 'react';
import { View } from 'react-native';
import type { Outline } from '@/core/plan/outline';
import { busyKey, busyTimesOf } from '@/core/settings/busy';
import type { OpenWish } from '@/core/plan/wished';
import { agenda } from '@/core/tasks/agenda';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { FileButton } from '@/ui/controls/file-button';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { saveTextFile } from '@/ui/files/save-file';
import { gap } from '@/ui/theme/shape';
import { refusalWords } from '@/words/refusals';
import { plural, t } from '@/core/language/t';
import { useAct } from '../acts/act-context';
import { useForecasts } from '../forecasting/forecasts';
import { RemindButton } from './remind-button';
import type { Ahead } from './ahead';
import { aheadTasks, calendarTasks, todaysTasks } from './calendar-tasks';

interface Props {
  readonly wishes: readonly OpenWish[];
  readonly chosen: readonly { readonly wishId: string; readonly outline: Outline }[];
  /** What is under way. */
  readonly ahead: readonly Ahead[];
  readonly now: number;
}

/** Calendars: what is planned goes out, when nobody has hands comes in. */
export function CalendarCard({ wishes, chosen, ahead, now }: Props) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const { living, lotAnswer, starterAnswer } = useForecasts();
  const [fault, setFault] = useState<string | null>(null);
  const busy = busyTimesOf(household);
  const read = async (file: File) => {
    const [{ readBusyTimes }, text] = await Promise.all([import('@/core/formats/icalendar'), file.text()]);
    const found = readBusyTimes(text, now);
    setFault(found.ok ? null : refusalWords(found));
    if (found.ok)
      act(
        { kind: 'kept', thing: 'busy', key: busyKey, value: { spans: found.value } },
        t`${plural(found.value.length, 'busy time')} read: nothing is planned then.`,
      );
  };
  const save = async () => {
    const { writeCalendar } = await import('@/core/formats/icalendar');
    const { origin } = window.location;
    const tasks = agenda({ household, living, lotAnswer, starterAnswer, now });
    const all = [
      ...calendarTasks(wishes, chosen, household, origin),
      ...aheadTasks(ahead, origin),
      ...todaysTasks(tasks, ahead, { household, lotAnswer, now, origin }),
    ];
    saveTextFile(writeCalendar(all, now), 'text/calendar', 'yuzet-plan.ics');
  };
  return (
    <Card label={t`Calendar`} testID="calendar">
      <Text as="subheading" level={2}>{t`Calendar`}</Text>
      <Text>
        {busy.length === 0
          ? t`Bring in a calendar, and nothing is planned while you are busy.`
          : t`${plural(busy.length, 'busy time')} from your calendar are kept free.`}
      </Text>
      {fault ? <Note tone="caution">{fault}</Note> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {chosen.length > 0 || living.length > 0 ? (
          <InkButton quiet label={t`Save plan and tasks for a calendar`} onPress={() => void save()} />
        ) : null}
        <FileButton
          label={t`Read busy times`}
          what={t`Calendar file`}
          accept="text/calendar,.ics"
          onFile={(file) => void read(file)}
        />
        {busy.length > 0 ? (
          <InkButton
            quiet
            label={t`Forget busy times`}
            onPress={() =>
              act({ kind: 'kept', thing: 'busy', key: busyKey, value: null }, t`No calendar is minded.`)
            }
          />
        ) : null}
      </View>
      <RemindButton />
    </Card>
  );
}
