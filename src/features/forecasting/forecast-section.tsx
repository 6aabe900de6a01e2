import { useContext, useEffect, useMemo, useSyncExternalStore } from 'react';
import { rootOf } from '@/core/forecast/family-members';
import { lotOf } from '@/core/journal/household';
import { drawnFrom } from '@/core/lots/pitch';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { DeskContext, useBook } from './book';
import { ForecastView } from './forecast-view';
import { familyOf } from './questions';

interface Props {
  readonly lot: Lot;
  readonly now: number;
}

const halfHourMs = 1_800_000;

/** The forecast of a lot, with the runs behind it asked for while its page is open. */
export function ForecastSection({ lot, now }: Props) {
  const household = useAppSelector(selectHousehold);
  const book = useBook();
  const desk = useContext(DeskContext)!;
  useSyncExternalStore(desk.subscribe, desk.snapshot);
  const find = (id: string) => lotOf(household, id);
  const root = rootOf(lot, find);
  const halfHour = Math.ceil(now / halfHourMs) * halfHourMs;
  useEffect(() => {
    const question = familyOf(root, household, halfHour, book.learnedFor);
    if (question) desk.ask(question, -1, true);
  }, [desk, root, household, halfHour, book]);
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
  const whole = desk.runsOf(root.id);
  const answer = whole?.answer.lots.find(({ lotId }) => lotId === lot.id);
  const run = whole?.runs[whole.runOf[lot.id] ?? -1];
  if (answer && run) {
    return (
      <>
        {whole.answer.warnings.map((warning) => (
          <Note key={warning.code} tone="caution">
            {warning.sentence}
          </Note>
        ))}
        <ForecastView key={lot.id} path={path} answer={answer} run={run} now={now} />
      </>
    );
  }
  return (
    <Card>
      {desk.hasFailed(root.id) ? (
        <Note tone="danger">
          The forecast could not be worked out just now; it is asked again in a moment. Trust the squeeze and
          your eyes, and chill early.
        </Note>
      ) : (
        <Text as="subheading">Reckoning the forecast…</Text>
      )}
    </Card>
  );
}
