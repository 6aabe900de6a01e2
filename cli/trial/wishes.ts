import type { Truth } from '../calibration/truths.ts';
import { homeFrom } from './week.ts';
import { advised, byHabit, planned, type Kept } from './wish-course.ts';
import { drawWisher } from './wishers.ts';
import { seededNormal, seededUniform } from '../../src/core/forecast/run/random.ts';
import { dayMs } from '../../src/core/duration.ts';

/** Chances that plans are looked for with, and how near they must be. */
const levels = [0.3, 0.5, 0.6, 0.66, 0.9];
const near = 0.03;
/** Wishes are made so many days ahead. */
const ahead = { least: 4, most: 17 };

interface Count {
  of: number;
  met: number;
}

const added = (counts: Map<string, Count>, name: string, met: boolean): void => {
  const { of, met: before } = counts.get(name) ?? { of: 0, met: 0 };
  counts.set(name, { of: of + 1, met: before + Number(met) });
};

/** Chances by fifths. @example fifth(0.45) // '0.4 to 0.6' */
const fifth = (chance: number): string => {
  const from = Math.min(4, Math.floor(chance * 5)) / 5;
  return `${from.toFixed(1)} to ${(from + 0.2).toFixed(1)}`;
};

const rows = (counts: ReadonlyMap<string, Count>): string[] =>
  [...counts]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, { of, met }]) => {
      const share = met / of;
      const unsure = Math.round(100 * Math.sqrt((share * (1 - share)) / of));
      return `| ${name} | ${of} | ${Math.round(100 * share)} ± ${unsure} |`;
    });

/**
 * Kitchens that wish for soda by a day: how often what a plan says holds, and what comes of the best plan, of a start a week ahead
 * with the same advice after it, and of a start a week ahead by habit.
 *
 * @returns three tables in Markdown, wishes met in a hundred, ± one standard deviation by the draw
 */
export function wishesTrial(kitchens: number, seed: number, truths: readonly Truth[]): string {
  const uniform = seededUniform(seed);
  const normal = seededNormal(seededUniform(seed + 1));
  const said = new Map<string, Count>();
  const bottled = new Map<string, Count>();
  const starts = new Map<string, Count>();
  for (let k = 0; k < kitchens; k++) {
    const wisher = drawWisher(truths, uniform, normal);
    const days = ahead.least + Math.floor((ahead.most - ahead.least + 1) * uniform());
    const wish = planned(wisher, days);
    const { choices, wantedSweetness, by } = wish;
    // The same luck for every start: what differs is when it was begun.
    const luck = () =>
      [seededUniform(1000 * seed + k), seededNormal(seededUniform(1000 * seed + k + 5e5))] as const;
    const met = ({ isGood, glassAt }: Kept) => isGood && glassAt <= by;
    for (const level of levels) {
      const nearest = [...choices].sort((a, b) => Math.abs(a.chance - level) - Math.abs(b.chance - level))[0];
      if (nearest && Math.abs(nearest.chance - level) <= near)
        added(said, level.toFixed(2), met(advised(wisher, nearest.pitchAt, wish, luck())));
    }
    const weekAhead = homeFrom(Math.max(wisher.now, by - 7 * dayMs));
    const best = choices[0];
    const led = best && advised(wisher, best.pitchAt, wish, luck());
    added(starts, 'the best plan', led !== undefined && met(led));
    const early = advised(wisher, weekAhead, wish, luck());
    added(starts, 'a week ahead, advised', met(early));
    for (const each of led ? [led, early] : [early]) added(bottled, fifth(each.saidOnceBottled!), met(each));
    added(starts, 'a week ahead, by habit', met(byHabit(wisher, weekAhead, wantedSweetness, luck())));
  }
  return [
    '| said | plans | met |\n| --- | --- | --- |',
    ...rows(said),
    '\n| said once bottled | brews | met |\n| --- | --- | --- |',
    ...rows(bottled),
    '\n| start | wishes | met |\n| --- | --- | --- |',
    ...rows(starts),
  ].join('\n');
}
