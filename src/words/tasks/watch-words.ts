import type { Passing, Watch, WatchStage } from '@/core/tasks/pressure-watch';
import { capital } from '@/core/capital';
import { chanceWords, shareWords } from '../chance';
import { atWords } from '../when';
import { t } from '@/core/language/t';

export const stageWords: Readonly<Record<WatchStage, string>> = {
  'at-ease': t`At ease`,
  watch: t`Watched`,
  'chill-now': t`Chill now`,
  'do-not-handle': t`Do not handle`,
};

function passingWords({ share, middle, withinDay }: Passing, now: number): string | null {
  if (middle <= now) return null;
  const of = capital(shareWords(share));
  const chance = t`${chanceWords(withinDay)} within a day`;
  if (!Number.isFinite(middle)) return withinDay > 0.01 ? `${of}: ${chance}.` : null;
  return t`${of} ${atWords(middle, now)} or so, ${chance}.`;
}

/** Where a bottle stands to its limit, and where it goes: shares of what it bears, when, at what chance. */
export function watchLines(watch: Watch, now: number, cold: boolean): string[] {
  // The next two are enough: what comes after them is far off, or the same story.
  const passes = watch.passes.flatMap((passing) => passingWords(passing, now) ?? []).slice(0, 2);
  const glass =
    watch.failureWithinDay >= 0.001
      ? [
          t`One of the batch bursts within a day if left${cold ? '' : t` warm`}: ${chanceWords(watch.failureWithinDay)}.`,
        ]
      : [];
  return [
    t`Now about ${shareWords(watch.share)} of what the bottle bears, perhaps ${shareWords(watch.edge)}.`,
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
      return cold ? t`Nothing: it rests.` : t`Nothing: look again tomorrow.`;
    case 'watch':
      return cold
        ? t`Drink it soon; make sure it stays cold.`
        : t`${squeezed === null ? t`Ease one cap` : t`Squeeze bottle ${squeezed}`} when it gets there, and make room in the fridge.`;
    case 'chill-now':
      return cold
        ? t`Open it soon: cold, slowly, over a bowl, glasses on.`
        : t`Into the fridge now. Glasses on if it feels hard; carry it wrapped in a towel.`;
    case 'do-not-handle':
      return cold
        ? t`Leave it closed and cold, covered. Glasses and gloves before anybody reaches near it. Vent it only after days of cold, in steps, wrapped, over a bowl.`
        : t`Do not touch it. Keep everybody away. Glasses and gloves on, cover it with a thick towel and a box. Bring the cold to it: ice packs about it, a window open in winter. Do not open it, do not carry it.`;
  }
}

/** Why a bottle is marked, in a clause. */
export function markedWords(watch: Watch): string {
  switch (watch.stage) {
    case 'at-ease':
      return '';
    case 'watch':
      return t`nears its limit within a day`;
    case 'chill-now':
      return chillNowWords(watch);
    case 'do-not-handle':
      return watch.share >= 1 ? t`likely past its limit` : t`its glass may give way`;
  }
}

function chillNowWords({ share, edge, closedBy }: Watch): string {
  if (edge >= 1) return t`may be at its limit`;
  if (share >= 0.9) return t`past nine tenths of what it bears`;
  if (closedBy === 'fizz') return t`fizzier than wanted from now on`;
  if (closedBy === 'strength') return t`more than you accept of its glass`;
  return t`perhaps at ${shareWords(edge)} of what it bears`;
}
