import type { Culture, JarCare } from '@/core/cultures/culture';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import { paceAt } from '@/core/forecast/question/starter-question';
import { t } from '@/core/language/t';

const cycleReason = {
  liveliness: t`it is lively then`,
  eaten: t`a third of the sugar is eaten then, and it tastes as sour as sweet`,
  acids: t`it is sour enough then`,
  alive: t`it is good then`,
} as const;

const openReason = {
  liveliness: t`it is lively until its last feed is eaten`,
  eaten: t`it is between sweet and sour: a third to four fifths of the sugar is eaten`,
  acids: t`it is sour, and not yet vinegar`,
  alive: t`more than half of it is alive until then`,
} as const;

/** Why a starter's draw window where it lies. */
export function drawReason(
  answer: StarterAnswer,
  culture: Culture & { readonly keeping: JarCare },
  celsius: number,
): string {
  const at = t`${celsius.toFixed(1)} °C`;
  switch (answer.opens) {
    case 'ripening': {
      const [early, , late] = culture.keeping.ripensDays;
      const pace = paceAt(celsius);
      return t`a new ${culture.name}, fed as it should be, takes ${Math.round(early / pace)}–${Math.round(late / pace)} days at ${at}.`;
    }
    case 'resting':
      return t`it was drawn from: topped up and fed, it regrows for a day before the next draw.`;
    case 'waking':
      return t`it wakes with a feed and warmth; at ${at} that takes some hours to a day.`;
    case 'cycle':
      return t`at ${at} ${cycleReason[culture.keeping.ripe.by]}.`;
    case 'open':
      return t`at ${at} ${openReason[culture.keeping.ripe.by]}.`;
  }
}
