import { fluidMillilitres, ownUnit } from '@/core/measures/unit-system';

/** Usual sizes of a batch, ml: so many litres, or quarts where those are poured. */
const usual = (): number[] => {
  const each = ownUnit('l') === 'l' ? 1000 : Math.round(fluidMillilitres('qt'));
  return [1, 2, 3, 5].map((many) => many * each);
};

/** Sizes to offer, ml in order: the usual ones, and the present one in place of the one nearest to it. */
export function roughLitres(ml: number): number[] {
  const sizes = usual();
  const nearest = sizes.reduce((best, each) => (Math.abs(each - ml) < Math.abs(best - ml) ? each : best));
  return sizes.map((each) => (each === nearest ? ml : each)).sort((a, b) => a - b);
}
