import { useMemo, type ReactNode } from 'react';
import { lotOf } from '@/core/journal/household';
import { drawnFrom } from '@/core/lots/pitch';
import type { Lot } from '@/core/lots/lot';
import { Card } from '@/ui/controls/card';
import { Note } from '@/ui/controls/note';
import { Waiting } from '@/ui/controls/waiting';
import { forecastWarningWords } from '@/words/brews/forecast-warnings';
import { ForecastView } from './forecast-view';
import { useRuns } from './use-runs';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly now: number;
  /** What it is now, drawn. */
  readonly drawing?: ReactNode;
  /** What can be done with it: it stands under the curves. */
  readonly acts?: ReactNode;
}

/** The forecast of a lot, with the runs behind it asked for while its page is open. */
export function ForecastSection({ lot, now, drawing, acts }: Props) {
  const { household, whole, answer, run, failed } = useRuns(lot, now);
  const path = useMemo(() => {
    const out = [lot];
    for (
      let from = drawnFrom(lot, (id) => lotOf(household, id));
      from && out.length < 12;
      from = drawnFrom(out[0]!, (id) => lotOf(household, id))
    )
      out.unshift(from.source);
    return out;
  }, [lot, household]);
  if (whole && answer && run) {
    return (
      <>
        <ForecastView
          key={lot.id}
          path={path}
          answer={answer}
          run={run}
          now={now}
          drawing={drawing}
          acts={acts}
        />
        {whole.answer.warnings.map(forecastWarningWords).map((words) => (
          <Note key={words} tone="caution">
            {words}
          </Note>
        ))}
      </>
    );
  }
  return (
    <>
      {drawing}
      <Card>
        {failed ? (
          <Note tone="danger">{t`The forecast could not be worked out just now; it is asked again in a moment. Trust the squeeze and your eyes, and chill early.`}</Note>
        ) : (
          <Waiting>{t`Working out the forecast…`}</Waiting>
        )}
      </Card>
      {acts}
    </>
  );
}
