import { useState } from 'react';
import type { BatchState } from '@/core/brew/batch-state';
import { bottleGroups } from '@/core/forecast/batch-scenario';
import type { Household } from '@/core/journal/household';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { useForecastBook } from './forecast-book';
import { ForecastView } from './forecast-view';

interface Props {
  readonly batch: BatchState;
  readonly household: Household;
  readonly now: number;
}

/** The forecast of a batch; where its bottles went different ways, of one group at a time. */
export function ForecastSection({ batch, household, now }: Props) {
  const book = useForecastBook(household, now);
  const groups = bottleGroups(batch).filter(([first]) => !first!.opened || batch.stage === 'finished');
  const [chosen, setChosen] = useState<string | null>(null);
  const group = groups.find(([first]) => first!.id === chosen) ?? groups[0];
  const bottle = group?.[0] ?? null;
  const answer = bottle ? book.forBottle(bottle) : book.forBatch(batch);
  return (
    <>
      {groups.length > 1 && batch.stage !== 'finished' ? (
        <Choice
          label="Which bottles"
          options={groups.map((each) => ({
            value: each[0]!.id,
            label: nameOf(
              each.map(({ number }) => number),
              each[0]!.place,
            ),
          }))}
          value={bottle?.id ?? null}
          onChange={setChosen}
        />
      ) : null}
      {answer ? (
        <ForecastView key={bottle?.id ?? batch.id} batch={batch} bottle={bottle} answer={answer} now={now} />
      ) : (
        <Card>
          {book.failed(batch) ? (
            <Note tone="danger">
              The forecast could not be worked out here. Trust the squeeze and your eyes, and chill early.
            </Note>
          ) : (
            <Text as="subheading">Reckoning the forecast…</Text>
          )}
        </Card>
      )}
    </>
  );
}

const nameOf = (numbers: readonly number[], place: string) =>
  `Bottle ${numbers.join(', ')}, ${place === 'fridge' ? 'cold' : 'warm'}`;
