import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { risingCrossing } from '@/core/forecast/read-off/crossing';
import { everyLot } from '@/core/journal/household';
import { peopleOf } from '@/core/settings/person';
import { palatesOf } from '@/core/tasting/palate';
import { tastingsOf } from '@/core/tasting/tastings';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { fizzWords } from '@/words/fizz';
import { moment, quarter } from '@/words/moment';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** When a bottle holds the fizz that each of the household likes, learned from their scores: whose window it is. */
export function WhoseFizz({ answer, now }: { readonly answer: LotAnswer; readonly now: number }) {
  const household = useAppSelector(selectHousehold);
  const sips = everyLot(household).flatMap(tastingsOf);
  const people = peopleOf(household).map(({ name }) => name);
  const palates = palatesOf(sips, people, now).filter(({ likes }) => likes.fizz.n > 0);
  const { closes, latest } = { closes: answer.chill?.closes, latest: answer.chill?.latest ?? Infinity };
  const lines = palates.map(({ person, likes }) => {
    const { middle } = risingCrossing(answer.hours, answer.series.fizz, likes.fizz.level);
    const liked = fizzWords(likes.fizz.level);
    if (middle === null) return t`${person}’s fizz (${liked}): not within the forecast.`;
    const at = answer.start + middle * hourMs;
    const late = middle > latest && closes !== 'beyond-forecast' ? t`, after the window closes` : '';
    return t`${person}’s fizz (${liked}) about ${moment(quarter(at), now)}${late}.`;
  });
  return lines.length > 0 ? <Text testID="whose-fizz">{lines.join(' ')}</Text> : null;
}
