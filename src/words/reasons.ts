import type { LotAnswer } from '@/core/forecast/family-answer';
import { betweenHours } from '@/core/forecast/between-hours';
import type { StarterAnswer } from '@/core/forecast/starter-answer';
import { vesselKind, type VesselId } from '@/core/vessels/vessel-kinds';
import type { Culture, Keeping } from '@/core/cultures/culture';
import { moment, plural, quarter } from './moment';
import { paceAt } from '@/core/forecast/starter-question';

const one = (value: number) => value.toFixed(1);
const hourMs = 3_600_000;

/** The middle of the fizz held at an hour, volumes. */
function fizzAt({ hours, series }: LotAnswer, hour: number): number {
  const { index, share } = betweenHours(hours, hour);
  const before = series.fizz[index]?.[2] ?? 0;
  return before + share * ((series.fizz[index + 1]?.[2] ?? before) - before);
}

/** What drives a chill window, in one clause a maker can check. */
export function chillReason(answer: LotAnswer, vessel: VesselId, celsius: number): string {
  const warm = `at ${one(celsius)} °C`;
  const { chill, wantedVolumes, limitBar } = answer;
  if (!chill || limitBar === null) return '';
  switch (chill.closes) {
    case 'limit':
      return chill.reached
        ? `${warm} one batch in twenty passes ${one(limitBar)} bar, what ${vesselKind(vessel).name.toLowerCase()} is good for, from then on.`
        : `${warm} one in twenty is past ${one(limitBar)} bar then, though it likely holds only ${one(fizzAt(answer, chill.latest))} of the ${one(wantedVolumes)} volumes wanted: safe and on the flat side, or look again before.`;
    case 'fizz':
      return `${warm} it passes ${one(wantedVolumes * 1.25)} volumes then, a quarter more than you want.`;
    case 'beyond-forecast':
      return `${warm} it stays under the limit as far as the forecast looks.`;
  }
}

/** How long a chilled bottle keeps: what to do by when, and because of what. Estimates, said as such. */
export function keepingWords(
  answer: LotAnswer,
  now: number,
): { readonly title: string; readonly because: string } | null {
  const { keeping, limitBar, wantedVolumes, start } = answer;
  if (!keeping || limitBar === null) return null;
  const at = start + keeping.openBy * hourMs;
  const by = moment(quarter(awake(at, now)), now);
  switch (keeping.closes) {
    case 'limit':
      return {
        title: at <= now ? 'Open it soon, cold and slowly' : `Open by ${by}`,
        because: `even cold it goes on: ${at <= now ? 'by now' : 'by then'} one in twenty like it is past the ${one(limitBar)} bar it is good for.`,
      };
    case 'fizz':
      return {
        title: at <= now ? 'Open it soon, cold and slowly' : `Open by ${by}`,
        because: `even cold it goes on: ${at <= now ? 'by now' : 'by then'} it likely holds ${one(wantedVolumes * 1.5)} volumes, half as much again as you want, and would gush.`,
      };
    case 'beyond-forecast':
      return {
        title: `Good cold until ${by} at least`,
        because: `it goes on slowly; the chance that it passes ${one(limitBar)} bar by then is about ${percent(keeping.chanceAtEnd)}.`,
      };
  }
}

/** A moment far off is named at eight in the evening before it: nobody opens a bottle at half past two. */
function awake(at: number, now: number): number {
  if (at - now < 36 * hourMs) return at;
  const evening = new Date(at).setHours(20, 0, 0, 0);
  return evening <= at ? evening : evening - 24 * hourMs;
}

const percent = (share: number) =>
  share < 0.005 ? 'one in two hundred or less' : `${Math.round(100 * share)} %`;

/** What a chilled bottle would come to on the counter again, and when. */
export function counterWords({
  keeping,
  limitBar,
}: LotAnswer): { readonly text: string; readonly danger: boolean } | null {
  if (!keeping || limitBar === null) return null;
  const { celsius, gaugeAfterDay, limitHours } = keeping.counter;
  const [low, , middle, , high] = gaugeAfterDay;
  const reach = `Back at ${one(celsius)} °C it would come to about ${one(middle)} bar within a day, perhaps ${one(low)}, perhaps ${one(high)}.`;
  const [soon, half] = limitHours;
  if (!Number.isFinite(soon))
    return { text: `${reach} It stays under ${one(limitBar)} bar for four days there.`, danger: false };
  const first =
    soon < 1
      ? `One in twenty like it is past the ${one(limitBar)} bar it is good for as soon as it is warm`
      : `One in twenty like it is past the ${one(limitBar)} bar it is good for after ${hoursWords(soon)}`;
  const then = Number.isFinite(half) ? `, half of them after ${hoursWords(Math.max(1, half))}.` : '.';
  return { text: `${reach} ${first}${then}`, danger: soon < 48 };
}

const hoursWords = (hours: number) =>
  hours < 36 ? plural(Math.round(hours), 'hour') : plural(Math.round(hours / 24), 'day');

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

const cycleReason = {
  liveliness: 'it is lively then',
  eaten: 'a third of the sugar is eaten then, and it tastes as sour as sweet',
  acids: 'it is sour enough then',
  alive: 'it is good then',
} as const;

const openReason = {
  liveliness: 'it is lively until its last feed is eaten',
  eaten: 'it is between sweet and sour: a third to four fifths of the sugar is eaten',
  acids: 'it is sour, and not yet vinegar',
  alive: 'more than half of it is alive until then',
} as const;

/** Why a starter's draw window where it lies. */
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
      return 'it was drawn from: topped up and fed, it regrows for a day before the next draw.';
    case 'waking':
      return `it wakes with a feed and warmth; at ${at} that takes some hours to a day.`;
    case 'cycle':
      return `at ${at} ${cycleReason[culture.keeping.ripe.by]}.`;
    case 'open':
      return `at ${at} ${openReason[culture.keeping.ripe.by]}.`;
  }
}

/** Liveliness in a word. */
export function livelyWord(answer: StarterAnswer | null, cold: boolean, keptCold = false): string {
  if (keptCold && answer) {
    const [, , alive] = answer.now;
    return alive >= 0.85 ? 'fresh' : alive >= 0.6 ? 'good' : alive >= 0.5 ? 'ageing' : 'old: make it anew';
  }
  if (cold) return 'resting in the fridge';
  if (!answer) return 'being reckoned';
  const [, , middle] = answer.now;
  if (middle >= 0.85) return 'at its liveliest';
  if (middle >= 0.6) return 'lively';
  if (answer.opens === 'ripening') return 'ripening';
  if (answer.opens === 'cycle') return 'at work';
  return middle >= 0.35 ? 'tiring' : 'hungry';
}
