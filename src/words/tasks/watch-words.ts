import type { Passing, Watch, WatchStage } from '@/core/tasks/pressure-watch';
import { capital } from '@/core/capital';
import { chanceWords, shareWords } from '../chance';
import { atWords } from '../when';

export const stageWords: Readonly<Record<WatchStage, string>> = {
  'at-ease': 'At ease',
  watch: 'Watched',
  'chill-now': 'Chill now',
  'do-not-handle': 'Do not handle',
};

function passingWords({ share, middle, withinDay }: Passing, now: number): string | null {
  if (middle <= now) return null;
  const of = capital(shareWords(share));
  const chance = `${chanceWords(withinDay)} within a day`;
  if (!Number.isFinite(middle)) return withinDay > 0.01 ? `${of}: ${chance}.` : null;
  return `${of} ${atWords(middle, now)} or so, ${chance}.`;
}

/** Where a bottle stands to its limit, and where it goes: shares of what it bears, when, at what chance. */
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
    `Now about ${shareWords(watch.share)} of what the bottle bears, perhaps ${shareWords(watch.edge)}.`,
    ...passes,
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
        ? 'Leave it closed and cold, covered. Glasses and gloves before anybody reaches near it. Vent it only after days of cold, in steps, wrapped, over a bowl.'
        : 'Do not touch it. Keep everybody away. Glasses and gloves on, cover it with a thick towel and a box. Bring the cold to it: ice packs about it, a window open in winter. Do not open it, do not carry it.';
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
  if (share >= 0.9) return 'past nine tenths of what it bears';
  if (closedBy === 'fizz') return 'fizzier than wanted from now on';
  if (closedBy === 'strength') return 'more than you accept of its glass';
  return `perhaps at ${shareWords(edge)} of what it bears`;
}
