import { isGoodFizz, pouredWorth } from '../../src/core/advice/worth.ts';
import type { Bottles, Poured } from './world.ts';

interface Sum {
  batches: number;
  good: number;
  flat: number;
  over: number;
  /** Good of fizz, and out of its sweetness. */
  dry: number;
  sweet: number;
  pastLimit: number;
  burst: number;
  lost: number;
  worth: number;
  looks: number;
}

const nothing: Sum = {
  batches: 0,
  good: 0,
  flat: 0,
  over: 0,
  dry: 0,
  sweet: 0,
  pastLimit: 0,
  burst: 0,
  lost: 0,
  worth: 0,
  looks: 0,
};

/** Sweetness within this share of what is wanted is within its band. */
const usualBand = [0.67, 1.5] as const;
/** The careful working limit of a swing-top, bar. */
const limitBar = 2.8;
/** From so much fizz on, against the wanted, half of a bottle goes over the rim. */
const gushes = 1.6;
/** The policy whose glasses are the bound. */
export const bound = 'clairvoyant';

/** Whether its fizz is within a quarter of what is wanted, and its sweetness within its band. */
export const isGood = (
  { wanted, wantedSweetness, band = usualBand }: Bottles,
  { volumes, sweetness }: Poured,
): boolean =>
  isGoodFizz(volumes, wanted) &&
  sweetness >= band[0] * wantedSweetness &&
  sweetness <= band[1] * wantedSweetness;

/** What each policy poured, counted. */
export class Tally {
  private readonly sums = new Map<string, Sum>();

  add(policy: string, bottles: Bottles, poured: Poured, looks: number): void {
    const sum = this.sums.get(policy) ?? { ...nothing };
    const { wanted, wantedSweetness } = bottles;
    const { volumes, sweetness } = poured;
    sum.batches += 1;
    if (isGood(bottles, poured)) sum.good += 1;
    else if (!isGoodFizz(volumes, wanted)) sum[volumes < wanted ? 'flat' : 'over'] += 1;
    else sum[sweetness < wantedSweetness ? 'dry' : 'sweet'] += 1;
    sum.burst += poured.burst;
    sum.pastLimit += Number(poured.peakBar > limitBar);
    sum.lost += poured.burst + (1 - poured.burst) * (volumes > gushes * wanted ? 0.5 : 0);
    sum.worth += pouredWorth(
      { volumes, sweetness, acids: 0, alcohol: 0 },
      { volumes: wanted, sweetness: wantedSweetness, ceiling: null },
    );
    sum.looks += looks;
    this.sums.set(policy, sum);
  }

  /** A table in Markdown; ± is one standard deviation by the draw, regret what a glass is worth less than the bound's. */
  table(): string {
    const rows = [...this.sums].map(([policy, sum]) => {
      const { batches, good } = sum;
      const share = (n: number) => `${Math.round((100 * n) / batches)} %`;
      const unsure = 100 * Math.sqrt(((good / batches) * (1 - good / batches)) / batches);
      const best = [...this.sums].find(
        ([name]) => name.endsWith(bound) && partOf(name) === partOf(policy),
      )?.[1];
      const regret = best ? (best.worth / best.batches - sum.worth / batches).toFixed(2) : '–';
      return [
        policy,
        `${share(good)} ± ${Math.round(unsure)}`,
        share(sum.flat),
        share(sum.over),
        share(sum.dry + sum.sweet),
        share(sum.pastLimit),
        ((1e4 * sum.burst) / batches).toFixed(1),
        share(sum.lost),
        regret,
        (sum.looks / batches).toFixed(1),
      ];
    });
    const heads = [
      'policy',
      'good',
      'flat',
      'over',
      'dry or too sweet',
      'past 2.8 bar',
      'burst per 10,000',
      'lost',
      'regret',
      'looks',
    ];
    return [heads, heads.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n');
  }
}

/** "batches 3 on: three days" belongs to "batches 3 on". */
const partOf = (policy: string): string => policy.slice(0, policy.lastIndexOf(':') + 1);
