import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { abvByMassBalance } from '@/core/sugar/alcohol';
import { Card } from '@/ui/controls/card';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { alcoholRange, rowAtHour } from '@/words/brews/composed-words';
import { duration } from '@/words/moment';
import { useOriginalGravity } from '../lots/use-original-gravity';
import { alcoholPlain, phCaution } from '@/words/brews/worktop-words';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** Alcohol by what was read, which goes before any forecast. */
const measuredWords = (abv: number, og: number, fg: number, measured: boolean): string =>
  t`${abv.toFixed(1)} % alcohol by your hydrometer. It fell from SG ${og.toFixed(3)}${measured ? '' : t`, worked out,`} to ${fg.toFixed(3)}. Priming adds to it.`;

interface Props {
  readonly lot: Lot;
  readonly answer: LotAnswer;
  readonly now: number;
}

/** Above this a base must be watched: germs may grow. */
const safePh = 4.6;

/** How strong it gets, stopped as planned and forgotten; and whether it must be looked at for its pH. */
export function AlcoholNote({ lot, answer, now }: Props) {
  const { taste, series } = answer;
  const { og, measured: fromReading, latest } = useOriginalGravity(lot);
  if (!taste) return null;
  const end = answer.hours.at(-1)!;
  const planned = rowAtHour(answer, series.alcohol, taste.best);
  const forgotten = rowAtHour(answer, series.alcohol, end);
  const hour = (now - answer.start) / hourMs;
  const ph = rowAtHour(answer, series.ph, hour);
  const measured = lot.events.some(
    (event) => event.kind === 'read' && event.readings.some(({ kind }) => kind === 'ph'),
  );
  return (
    <Card label={t`Alcohol`} testID="alcohol">
      <Text as="subheading" level={2}>{t`Alcohol`}</Text>
      {latest ? (
        <Text as="strong">{measuredWords(abvByMassBalance(og, latest.sg), og, latest.sg, fromReading)}</Text>
      ) : (
        <Text>{t`Stopped as planned: ${alcoholRange(planned)}. Left for ${duration(end)}: ${alcoholRange(forgotten)}. An estimate, not a measurement.`}</Text>
      )}
      <Text>{alcoholPlain}</Text>
      {ph[4] > safePh && !measured ? (
        <Note tone="caution">{t`${phCaution} Worked out now: ${ph[0].toFixed(1)}–${ph[4].toFixed(1)}.`}</Note>
      ) : null}
    </Card>
  );
}
