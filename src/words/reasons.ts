import type { LotAnswer } from '@/core/forecast/family-answer';
import type { StarterAnswer } from '@/core/forecast/starter-answer';
import { vesselKind, type VesselId } from '@/core/vessels/vessel-kinds';
import type { Culture, Keeping } from '@/core/cultures/culture';
import { paceAt } from '@/core/forecast/starter-question';

const one = (value: number) => value.toFixed(1);

/** What drives a chill window, in one clause a maker can check. */
export function chillReason(answer: LotAnswer, vessel: VesselId, celsius: number): string {
  const warm = `at ${one(celsius)} °C`;
  const { chill, wantedVolumes, limitBar } = answer;
  if (!chill || limitBar === null) return '';
  switch (chill.closes) {
    case 'limit':
      return chill.reached
        ? `${warm} one batch in twenty passes ${one(limitBar)} bar, what ${vesselKind(vessel).name.toLowerCase()} is good for, from then on.`
        : `${warm} this glass reaches ${one(limitBar)} bar before ${one(wantedVolumes)} volumes: cold holds more fizz at less pressure.`;
    case 'fizz':
      return `${warm} it passes ${one(wantedVolumes * 1.25)} volumes then, a quarter more than you want.`;
    case 'beyond-forecast':
      return `${warm} it stays under the limit as far as the forecast looks.`;
  }
}

/** What a forecast was driven by, in a sentence. */
export function drivers(celsius: number, sugar: number, readings: number): string {
  const seen =
    readings === 0
      ? 'no reading yet, so the range is wide'
      : readings === 1
        ? '1 reading'
        : `${readings} readings`;
  return `Driven by ${one(celsius)} °C, ${Math.round(sugar)} g/L of sugar and the starter; ${seen}.`;
}

/** Why a starter's draw window lies where it lies. */
export function drawReason(
  answer: StarterAnswer,
  culture: Culture & { readonly keeping: Keeping },
  celsius: number,
): string {
  const at = `${one(celsius)} °C`;
  switch (answer.opens) {
    case 'ripening': {
      const [early, , late] = culture.keeping.ripensDays;
      const pace = paceAt(celsius);
      return `a new ${culture.name} takes ${early} to ${late} days at 22 °C; at ${at} about ${Math.round(early / pace)} to ${Math.round(late / pace)} in all, fed as it should be.`;
    }
    case 'resting':
      return 'it was drawn from, and regrows for a day before the next draw.';
    case 'waking':
      return `it wakes with a feed and warmth; at ${at} that takes some hours to a day.`;
    case 'open':
      return `at ${at} it is lively until its last feed is eaten.`;
  }
}

/** Liveliness in a word. */
export function livelyWord(answer: StarterAnswer | null, cold: boolean): string {
  if (cold) return 'resting in the fridge';
  if (!answer) return 'being reckoned';
  const [, , middle] = answer.now;
  if (middle >= 0.85) return 'at its liveliest';
  if (middle >= 0.6) return 'lively';
  if (answer.opens === 'ripening') return 'ripening';
  return middle >= 0.35 ? 'tiring' : 'hungry';
}
