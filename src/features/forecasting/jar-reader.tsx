import { useContext, useEffect, useState, type ReactNode } from 'react';
import type { JarNow } from '@/core/forecast/answer/jar-now';
import { hourIndexAt } from '@/core/forecast/run/hour-index';
import type { Lot } from '@/core/lots/lot';
import { Note } from '@/ui/controls/note';
import { Waiting } from '@/ui/controls/waiting';
import { QueueContext } from './forecasts';
import { useRuns } from './use-runs';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly now: number;
  readonly children: (jar: JarNow, forecast: JarForecast) => ReactNode;
}

/** The forecast a jar is read from: its run, and the instant of its hour 0, ms. */
export interface JarForecast {
  readonly runId: string;
  readonly start: number;
}

/** What a jar's ferment has left by now, read from its forecast; it reaches its children once it is there. */
export function JarReader({ lot, now, children }: Props) {
  const { run, answer, failed } = useRuns(lot, now);
  const hour = answer ? answer.hours[hourIndexAt(answer.hours, (now - answer.start) / hourMs)]! : 0;
  const jar = useJar(run?.id ?? null, hour);
  if (run && answer && jar) return children(jar, { runId: run.id, start: answer.start });
  return failed ? (
    <Note tone="danger">{t`What is left of its sugar could not be worked out just now; it is asked again in a moment.`}</Note>
  ) : (
    <Waiting>{t`Working out what the first ferment left…`}</Waiting>
  );
}

/** What the jar holds at an hour, from the worker; the reading before stays until it is there. */
function useJar(runId: string | null, hour: number): JarNow | null {
  const queue = useContext(QueueContext)!;
  const [jar, setJar] = useState<JarNow | null>(null);
  useEffect(() => {
    if (runId === null) return undefined;
    let wanted = true;
    void queue.jar(runId, hour).then((found) => {
      if (wanted && found) setJar(found);
    });
    return () => void (wanted = false);
  }, [queue, runId, hour]);
  return jar;
}
