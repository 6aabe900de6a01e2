import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { coolingOf, pitchCelsius, type BrewStep } from '@/core/brew/steps';
import { leftOf, timerKey, timersOf } from '@/core/settings/timer';
import type { Lot } from '@/core/lots/lot';
import { degreesTyped } from '@/core/measures/parse-measure';
import { coolingHours } from '@/core/workbook/cooling';
import { clockNow } from '@/store/environment';
import { useKeeper } from '@/store/keeper-context';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { corners, gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { duration, moment } from '@/words/moment';
import { countdown } from '@/words/tasks/timer-words';
import { readyToRing } from './ring';
import { rings, timerGone, timerSet } from './timers';
import { useSeconds } from './use-seconds';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly step: BrewStep;
  readonly label: string;
  readonly around: number;
}

/** A step's clock: set with one tap, moved by minutes, and for a cooling pot corrected by one look at the thermometer. */
export function StepTimer({ lot, step, label, around }: Props) {
  const roles = useRoles();
  const keeper = useKeeper();
  const household = useAppSelector(selectHousehold);
  const now = useSeconds();
  const timer = timersOf(household).find(({ key }) => key === timerKey(lot.id, step.id));
  const minutes = step.minutes ?? 0;
  const about = { lotId: lot.id, step: step.id, label: `${label}, ${lot.name}` };
  if (!timer)
    return (
      <InkButton
        label={t`Start ${duration(minutes / 60)}`}
        hint={t`Start the clock: ${label}, ${duration(minutes / 60)}`}
        onPress={() => {
          readyToRing();
          keeper.write(timerSet(about, clockNow(), minutes));
        }}
        style={{ minHeight: 64 }}
      />
    );
  const over = rings(timer, now);
  const longer = (more: number) =>
    keeper.write(
      timerSet(
        about,
        timer.from,
        Math.max(0, (Math.max(timer.until, clockNow()) - timer.from) / 60_000 + more),
      ),
    );
  return (
    <View
      style={[
        corners.card,
        { backgroundColor: over ? roles.brew : roles.card, padding: gap.medium, gap: gap.small },
      ]}
      testID="step-timer"
    >
      <Text as="timer" color={over ? roles.ground : roles.text} live={over}>
        {over ? t`Time` : countdown(leftOf(timer, now))}
      </Text>
      <Text color={over ? roles.ground : roles.softText}>
        {over
          ? t`${label}: since ${moment(timer.until, now)}`
          : t`${label} until ${moment(timer.until, now)}`}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton label={t`Stop the clock`} onPress={() => keeper.write(timerGone(timer))} />
        <InkButton label={t`5 min more`} onPress={() => longer(5)} />
      </View>
      {step.id === 'cool' && !over ? (
        <Thermometer
          lot={lot}
          around={around}
          from={timer.from}
          onUntil={(total) => keeper.write(timerSet(about, timer.from, total))}
        />
      ) : null}
    </View>
  );
}

/** One reading of the pot corrects how long it takes. */
function Thermometer({
  lot,
  around,
  from,
  onUntil,
}: {
  readonly lot: Lot;
  readonly around: number;
  readonly from: number;
  /** Minutes in all, from the start of the clock. */
  readonly onUntil: (minutes: number) => void;
}) {
  const keeper = useKeeper();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const take = () => {
    const celsius = degreesTyped(typed);
    const cooling = coolingOf(lot, around);
    if (!cooling || !Number.isFinite(celsius)) return setFault(t`Write the temperature in °C.`);
    const hours = (clockNow() - from) / hourMs;
    const result = coolingHours({ ...cooling, to: pitchCelsius, around, reading: { hours, celsius } });
    if (!result.ok) return setFault(celsius <= pitchCelsius ? t`Cool enough: go on.` : refusalWords(result));
    keeper.write({ kind: 'measured', lotId: lot.id, quantity: 'celsius', value: celsius });
    onUntil(result.value * 60);
    setFault(null);
    return setTyped('');
  };
  return (
    <View style={{ flexDirection: 'row', gap: gap.small, alignItems: 'flex-start' }}>
      <TextBox
        label={t`The pot now, °C`}
        value={typed}
        numeric
        onChange={setTyped}
        hint={t`One reading corrects the clock`}
        error={fault ?? undefined}
        errorId="error-pot"
      />
      <InkButton quiet label={t`Correct it`} onPress={take} style={{ marginTop: 26 }} />
    </View>
  );
}
