import { useState } from 'react';
import { View } from 'react-native';
import { celsiusAt } from '@/core/kitchen/places';
import { watchOf } from '@/core/tasks/pressure-watch';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { lotName } from '@/words/names';
import { doNow, stageWords } from '@/words/tasks/watch-words';
import { useForecasts } from '../forecasting/forecasts';
import { useAct } from '../acts/act-context';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

const lengths = [4, 8, 12, 24, 48].map((value) => ({ value, label: `${value} h` }));
const warmths = [10, 14, 18, 22, 26].map((value) => ({ value, label: t`${value} °C` }));
const since = [
  { value: 0, label: t`Back now` },
  { value: 6, label: t`Six hours ago` },
  { value: 12, label: t`Twelve hours ago` },
  { value: 24, label: t`A day ago` },
] as const;

/** The fridge stood without power: how long and how warm it got, and what that means for what stands in it. */
export function PowerCut({ now, onClose }: { readonly now: number; readonly onClose: () => void }) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const [hours, setHours] = useState(12);
  const [celsius, setCelsius] = useState(14);
  const [ago, setAgo] = useState<0 | 6 | 12 | 24>(0);
  const [said, setSaid] = useState(false);
  const cold = forecasts.living.filter(({ role, place }) => role === 'bottle' && place === 'fridge');
  const save = () => {
    const to = now - ago * hourMs;
    const from = to - hours * hourMs;
    act(
      {
        kind: 'kept',
        thing: 'spell',
        key: `fridge-${Math.round(from / 60_000)}`,
        value: { place: 'fridge', from, to, celsius },
      },
      t`The fridge stood ${hours} hours at ${celsius} °C. Every forecast takes it in.`,
    );
    setSaid(true);
  };
  return (
    <Sheet title={t`The power was out`} onClose={onClose}>
      {said ? (
        <>
          <Text>{t`What that means for what stands in the fridge, as it is worked out again:`}</Text>
          {cold.map((lot) => {
            const answer = forecasts.lotAnswer(lot.id);
            const stage = answer ? watchOf(answer, now)?.stage : null;
            return (
              <View key={lot.id} testID="after-cut">
                <Text as="strong">
                  {`${lotName(lot, household)}: ${stage ? stageWords[stage].toLowerCase() : t`being worked out…`}`}
                </Text>
                {stage ? <Text>{doNow(stage, true)}</Text> : null}
              </View>
            );
          })}
          {cold.length === 0 ? <Text>{t`Nothing sealed stands in it.`}</Text> : null}
          <InkButton label={t`Done`} onPress={onClose} />
        </>
      ) : (
        <>
          <Text>{t`A closed fridge warms by some three to five degrees in six hours. Say what you think; a thermometer in a glass of water knows better.`}</Text>
          <Choice titled label={t`How long it was out`} options={lengths} value={hours} onChange={setHours} />
          <Choice
            titled
            label={t`How warm it got inside`}
            options={warmths}
            value={celsius}
            onChange={setCelsius}
          />
          <Choice titled label={t`Until when`} options={since} value={ago} onChange={setAgo} />
          <Text>{t`Otherwise the fridge has ${celsiusAt(household.warmths, 'fridge', now).toFixed(0)} °C.`}</Text>
          <Note tone="caution">{t`Keep it shut until it is cold again: bottles that warmed are handled cold.`}</Note>
          <InkButton label={t`Plan for it`} onPress={save} />
        </>
      )}
    </Sheet>
  );
}
