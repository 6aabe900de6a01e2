import { t } from '@/core/language/t';
import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { timersOf } from '@/core/settings/timer';
import { clockNow } from '@/store/environment';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { gap } from '@/ui/theme/shape';
import { notify, strike } from './ring';
import { TimerStrip } from './timer-strip';
import { rings } from './timers';
import { useSeconds } from './use-seconds';

/** A clock that ran down while nobody looked is not rung for days: only within so long, ms. */
const ringsFor = 10 * 60_000;
const everySeconds = 20;

/** Rings what has run down, on whatever page one is; away from the stove the clocks show on top. */
export function Bell({ shown }: { readonly shown: boolean }) {
  const household = useAppSelector(selectHousehold);
  const now = useSeconds();
  const rung = useRef(new Map<string, number>());
  useEffect(() => {
    for (const timer of timersOf(household)) {
      if (!rings(timer, now) || clockNow() - timer.until > ringsFor) continue;
      const key = `${timer.key} ${timer.until}`;
      const last = rung.current.get(key);
      if (last === undefined) void notify(timer.label, t`The clock has run down.`, timer.key);
      if (last !== undefined && now - last < everySeconds * 1000) continue;
      rung.current.set(key, now);
      strike();
    }
  }, [household, now]);
  return shown ? (
    <View style={{ padding: gap.small }}>
      <TimerStrip />
    </View>
  ) : null;
}
