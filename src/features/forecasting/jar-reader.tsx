import type { ReactNode } from 'react';
import { jarNow, type JarNow } from '@/core/bottling/jar-now';
import type { StoredRun } from '@/core/forecast/run/stored-run';
import type { Lot } from '@/core/lots/lot';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { useRuns } from './use-runs';
import { hourMs } from '@/core/duration';

interface Props {
  readonly lot: Lot;
  readonly now: number;
  readonly children: (jar: JarNow, forecast: JarForecast) => ReactNode;
}

/** The forecast a jar is read from: instant of its hour 0, ms. */
export interface JarForecast {
  readonly run: StoredRun;
  readonly start: number;
}

/** What a jar's ferment has left by now, read from its forecast; it reaches its children once it is there. */
export function JarReader({ lot, now, children }: Props) {
  const { run, answer, failed } = useRuns(lot, now);
  if (run && answer)
    return children(jarNow(run, (now - answer.start) / hourMs), { run, start: answer.start });
  return failed ? (
    <Note tone="danger">
      What is left of its sugar could not be worked out just now; it is asked again in a moment.
    </Note>
  ) : (
    <Text as="subheading">Reckoning what the first ferment left…</Text>
  );
}
