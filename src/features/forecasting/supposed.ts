import { useContext, useEffect, useState } from 'react';
import type { SupposedAnswer } from '@/core/forecast/answer/run-store';
import type { Supposition } from '@/core/forecast/answer/suppose';
import { QueueContext } from './forecasts';
import { t } from '@/core/language/t';

export type Supposed = 'as-is' | 'cooler' | 'warmer' | 'burped' | 'half' | 'double';

export const supposedOptions = [
  { value: 'as-is', label: t`As it is`, said: t`as it is` },
  { value: 'cooler', label: t`3° cooler`, said: t`3° cooler from now on` },
  { value: 'warmer', label: t`3° warmer`, said: t`3° warmer from now on` },
  { value: 'burped', label: t`Burped daily`, said: t`burped daily from now on` },
  { value: 'half', label: t`Half the dose`, said: t`with half the dose from the start` },
  { value: 'double', label: t`Twice the dose`, said: t`with twice the dose from the start` },
] as const;

const suppositions: Readonly<Record<Exclude<Supposed, 'as-is'>, Supposition>> = {
  cooler: { kind: 'warmer', degrees: -3 },
  warmer: { kind: 'warmer', degrees: 3 },
  burped: { kind: 'burped', everyHours: 24 },
  half: { kind: 'dosed', times: 0.5 },
  double: { kind: 'dosed', times: 2 },
};

/** The forecast with one thing changed, worked out elsewhere; the one before stays on view until it is there. */
export function useSupposed(actual: SupposedAnswer, rootId: string, supposed: Supposed, nowHour: number) {
  const queue = useContext(QueueContext)!;
  const hour = Math.floor(nowHour);
  const key = `${supposed} ${hour}`;
  const [other, setOther] = useState<(SupposedAnswer & { of: string; key: string }) | null>(null);
  const { id } = actual.run;
  const { lotId } = actual.answer;
  useEffect(() => {
    if (supposed === 'as-is') return undefined;
    let wanted = true;
    void queue.suppose(rootId, lotId, suppositions[supposed], hour).then((found) => {
      if (wanted && found) setOther({ ...found, of: id, key });
    });
    return () => void (wanted = false);
  }, [queue, rootId, lotId, supposed, hour, id, key]);
  const there = supposed === 'as-is' || (other?.key === key && other.of === id);
  return { shown: supposed === 'as-is' || !other ? actual : other, working: !there };
}
