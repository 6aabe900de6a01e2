import type { Bottles, Poured } from './world.ts';

interface Sum {
  batches: number;
  good: number;
  flat: number;
  over: number;
  burst: number;
  looks: number;
}

/** What each policy poured, counted. */
export class Tally {
  private readonly sums = new Map<string, Sum>();

  /** Good: fizz within a quarter of what is wanted. */
  isGood({ wanted }: Bottles, { volumes }: Poured): boolean {
    return Math.abs(volumes / wanted - 1) <= 0.25;
  }

  add(policy: string, bottles: Bottles, poured: Poured, looks: number): void {
    const sum = this.sums.get(policy) ?? { batches: 0, good: 0, flat: 0, over: 0, burst: 0, looks: 0 };
    sum.batches += 1;
    if (this.isGood(bottles, poured)) sum.good += 1;
    else if (poured.volumes < bottles.wanted) sum.flat += 1;
    else sum.over += 1;
    sum.burst += poured.burst;
    sum.looks += looks;
    this.sums.set(policy, sum);
  }

  /** A table in Markdown; ± is one standard deviation by the draw. */
  table(): string {
    const rows = [...this.sums].map(([policy, { batches, good, flat, over, burst, looks }]) => {
      const share = (n: number) => `${Math.round((100 * n) / batches)} %`;
      const unsure = 100 * Math.sqrt(((good / batches) * (1 - good / batches)) / batches);
      return `| ${policy} | ${share(good)} ± ${Math.round(unsure)} | ${share(flat)} | ${share(over)} | ${((1e4 * burst) / batches).toFixed(1)} | ${(looks / batches).toFixed(1)} |`;
    });
    return [
      '| policy | good | flat | over | burst per 10,000 | looks |',
      '| --- | --- | --- | --- | --- | --- |',
      ...rows,
    ].join('\n');
  }
}
