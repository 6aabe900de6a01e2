import { middleAt } from '@/core/forecast/read-off/weighted-quantiles';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { Lot } from '@/core/lots/lot';
import { keptCulture } from '@/core/starter/feed-plan';
import type { Neglect } from '@/core/starter/neglect';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

type Vigour = Pick<StarterAnswer, 'start' | 'hours' | 'liveliness' | 'now' | 'draw' | 'opens'>;

/**
 * What a kept jar is like, in a word: the same on its page, in the list and on the kitchen’s clock.
 *
 * @param at an instant, ms; left out, the one the answer was asked at
 * @param neglect how it was neglected, if it was
 * @returns null beyond the forecast
 */
export function jarWord(
  lot: Pick<Lot, 'culture' | 'place' | 'role' | 'vessel'>,
  answer: Vigour | null,
  at?: number,
  neglect: Neglect | null = null,
): string | null {
  if (lot.vessel.kind === 'packet') return t`dry, in its packet`;
  if (neglect && neglect.state !== 'late') return t`starved`;
  const keptCold = keptCulture(lot)?.keeping.ripe.by === 'alive';
  const cold = lot.place === 'fridge';
  if (!answer) return cold && !keptCold ? t`resting in the fridge` : t`being worked out`;
  const hour = at === undefined ? null : (at - answer.start) / hourMs;
  const middle = hour === null ? answer.now[2] : middleAt(answer.hours, answer.liveliness, hour);
  if (middle === null) return null;
  if (keptCold)
    return middle >= 0.85
      ? t`fresh`
      : middle >= 0.6
        ? t`good`
        : middle >= 0.5
          ? t`ageing`
          : t`old: make it anew`;
  if (cold) return t`resting in the fridge`;
  return warmWord(middle, hour === null ? answer.opens : opensAt(answer, hour));
}

/** Why its window is open or not at an hour: what is said now holds on until the window is reached or left. */
function opensAt({ opens, draw }: Vigour, hour: number): StarterAnswer['opens'] {
  if (draw && draw.earliest <= hour && draw.latest > hour) return 'open';
  return opens === 'open' || (draw && draw.latest <= hour) ? 'waking' : opens;
}

function warmWord(middle: number, opens: StarterAnswer['opens']): string {
  // However lively its grains are, a liquid that was just fed is not ready.
  if (opens === 'cycle') return t`at work`;
  if (middle >= 0.85) return t`at its liveliest`;
  if (middle >= 0.6) return t`lively`;
  if (opens === 'open' && middle >= 0.5) return t`lively`;
  if (opens === 'ripening') return t`ripening`;
  return middle >= 0.35 ? t`tiring` : t`hungry`;
}
