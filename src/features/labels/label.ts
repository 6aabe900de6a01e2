import { format } from 'date-fns/format';
import { isSameDay } from 'date-fns/isSameDay';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Household } from '@/core/journal/household';
import { lotOf } from '@/core/journal/household';
import { rootOf } from '@/core/forecast/question/family-members';
import { hourIndexAt } from '@/core/forecast/run/hour-index';
import { whileAwake } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { madeWith, type MadeWith } from '@/core/lots/made-with';
import type { Lot } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { portionsWords } from '@/words/amounts';
import { markWords } from '@/words/bottles/bottling-words';
import { cautionsOf } from '@/words/kitchen/caution-words';
import { quarter } from '@/words/moment';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** What stands on the label of a bottle, line by line. */
export interface Label {
  readonly lotId: string;
  readonly name: string;
  /** Its short name, and how it is told from the rest. */
  readonly bottle: string;
  readonly other: string;
  readonly filled: string;
  readonly chill: string;
  readonly contents: string;
  readonly alcohol: string;
  readonly cautions: string;
  /** Its page. */
  readonly link: string;
}

const dateTime = (at: number): string => format(quarter(at), 'EEE d MMM HH:mm');

/** Ingredients that are not worth a word on a label: less than so much of the whole. */
const traceShare = 0.0005;

/** What a label says of a bottle. @param origin where its page is, without a slash at the end */
export function labelOf(lot: Lot, household: Household, answer: LotAnswer | null, origin: string): Label {
  const find = (id: string) => lotOf(household, id);
  const root = rootOf(lot, find);
  const made = madeWith(lot, find);
  const all = made.reduce((sum, { grams }) => sum + grams, 0);
  const own = lot.events.flatMap((event) => (event.kind === 'added' ? event.portions : []));
  const query = new URLSearchParams(new URL(origin).search);
  return {
    lotId: lot.id,
    name: root.name,
    bottle: t`Bottle ${lot.name}${lot.mark ? `, ${markWords[lot.mark]}` : ''}`,
    other: [lot.variant, own.length > 0 ? t`with ${portionsWords(own)}` : ''].filter(Boolean).join('; '),
    filled: t`Filled ${dateTime(lot.begunAt)}`,
    chill: chillLine(lot, answer, household),
    contents: t`Made with ${made
      .filter(({ grams }) => grams > traceShare * all)
      .map(({ what }) => ingredientOf(what).name.toLowerCase())
      .join(', ')}; live yeasts and bacteria.`,
    alcohol: alcoholLine(answer),
    cautions: cautionLine(made, root.culture),
    link: `${new URL(origin).origin}/bottles/${lot.id}${query.has('demo') ? '?demo=1' : ''}`,
  };
}

/** Its window, brought into the hours somebody is up. */
function chillLine(lot: Lot, answer: LotAnswer | null, household: Household): string {
  if (lot.closure !== 'sealed') return t`Its lid is loose: keep it cold, drink it within days.`;
  if (lot.place === 'fridge') return t`Keep cold. Two days cold let the gas dissolve.`;
  if (!answer?.chill) return t`Chill it in time: see its page.`;
  const at = (hour: number) => answer.start + hour * hourMs;
  const { earliest, latest } = answer.chill;
  const { from, until } = whileAwake({ from: at(earliest), until: at(latest) }, wakingOf(household));
  return until > from
    ? t`Chill between ${dateTime(from)} and ${isSameDay(from, until) ? format(quarter(until), 'HH:mm') : dateTime(until)}`
    : t`Chill by ${dateTime(until)}`;
}

/** From what is in it now to what it has at the end of its window, by nine tenths of kitchens. */
function alcoholLine(answer: LotAnswer | null): string {
  if (!answer) return t`Some alcohol.`;
  const index = hourIndexAt(answer.hours, answer.chill?.latest ?? answer.hours.at(-1)!);
  const five = answer.series.alcohol[index];
  return five
    ? t`Alcohol about ${five[0].toFixed(1)}–${five[4].toFixed(1)} % when chilled in time. An estimate: more if it is left.`
    : t`Some alcohol.`;
}

function cautionLine(made: readonly MadeWith[], cultureId: string | null): string {
  const more = cautionsOf({ portions: made, cultureId, closure: null });
  return [t`Under pressure: keep it covered, open it cold, slowly, pointing away.`, ...more].join(' ');
}
