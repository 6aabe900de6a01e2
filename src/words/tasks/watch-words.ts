import type { Passing, Watch, WatchStage } from '@/core/tasks/pressure-watch';
import { moment, quarter } from '../moment';

export const stageWords: Readonly<Record<WatchStage, string>> = {
  'at-ease': 'At ease',
  watch: 'Watched',
  'chill-now': 'Chill now',
  'do-not-handle': 'Do not handle',
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** A chance in words that nobody takes for a measurement. @example chanceWords(0.31) // '3 in 10' */
export function chanceWords(chance: number): string {
  if (chance < 0.001) return 'less than 1 in 1,000';
  if (chance < 0.0085) return `${Math.round(chance * 1000)} in 1,000`;
  if (chance < 0.085) return `${Math.round(chance * 100)} in 100`;
  return chance > 0.945 ? 'over 9 in 10' : `${Math.round(chance * 10)} in 10`;
}

function passingWords({ share, middle, withinDay }: Passing, now: number): string | null {
  const of = share === 1 ? 'the limit' : percent(share);
  if (middle <= now) return null;
  const chance = `${chanceWords(withinDay)} within a day`;
  if (!Number.isFinite(middle)) return withinDay > 0.01 ? `${of}: ${chance}` : null;
  return `${of} about ${moment(quarter(middle), now)} (${chance})`;
}

/** Where a bottle stands to its limit, and where it goes: shares of the limit, when, at what chance. */
export function watchLines(watch: Watch, now: number, cold: boolean): string[] {
  // The next two are enough: what comes after them is far off, or the same story.
  const passes = watch.passes.flatMap((passing) => passingWords(passing, now) ?? []).slice(0, 2);
  const glass =
    watch.failureWithinDay >= 0.001
      ? [
          `One of the batch bursts within a day if left${cold ? '' : ' warm'}: ${chanceWords(watch.failureWithinDay)}.`,
        ]
      : [];
  return [
    `About ${percent(watch.share)} of its limit now, perhaps ${percent(watch.edge)}.`,
    ...(passes.length > 0 ? [`It passes ${passes.join(', ')}.`] : []),
    ...glass,
  ];
}

/**
 * What to do now, by stage.
 *
 * @param squeezed name of the soft bottle that is squeezed for it; null when all is glass
 */
export function doNow(stage: WatchStage, cold: boolean, squeezed: string | null = null): string {
  switch (stage) {
    case 'at-ease':
      return cold ? 'Nothing: it rests.' : 'Nothing: look again tomorrow.';
    case 'watch':
      return cold
        ? 'Drink it soon; make sure it stays cold.'
        : `${squeezed === null ? 'Ease one cap' : `Squeeze bottle ${squeezed}`} when it gets there, and make room in the fridge.`;
    case 'chill-now':
      return cold
        ? 'Open it soon: cold, slowly, over a bowl, glasses on.'
        : 'Into the fridge now. Glasses on if it feels hard; carry it wrapped in a towel.';
    case 'do-not-handle':
      return cold
        ? 'Leave it closed and cold, covered. Glasses and gloves before anybody reaches near it; vent it only after days of cold, in steps, wrapped, over a bowl.'
        : 'Do not touch it. Keep everybody away; glasses and gloves on, cover it with a thick towel and a box, and bring the cold to it: ice packs about it, a window open in winter. Do not open it, do not carry it.';
  }
}

/** Why a bottle is marked, in a clause. */
export function markedWords(watch: Watch): string {
  switch (watch.stage) {
    case 'at-ease':
      return '';
    case 'watch':
      return 'nears its limit within a day';
    case 'chill-now':
      return chillNowWords(watch);
    case 'do-not-handle':
      return watch.share >= 1 ? 'likely past its limit' : 'its glass may give way';
  }
}

function chillNowWords({ share, edge, closedBy }: Watch): string {
  if (edge >= 1) return 'may be at its limit';
  if (share >= 0.9) return 'past 90 % of its limit';
  if (closedBy === 'fizz') return 'fizzier than wanted from now on';
  if (closedBy === 'strength') return 'more than you accept of its glass';
  return `perhaps at ${percent(edge)} of its limit`;
}
