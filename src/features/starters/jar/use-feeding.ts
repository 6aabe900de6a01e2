import { keptCulture, usualFeed } from '@/core/starter/feed-plan';
import { renewalOf } from '@/core/starter/renewal';
import type { Lot } from '@/core/lots/lot';
import type { Portion } from '@/core/matter/portion';
import { useActs, type Acts } from '../../acts/act-context';
import { t } from '@/core/language/t';

export interface Feeding {
  readonly portions: readonly Portion[];
  /** Liquid strained off first, ml; 0 when it is only fed. */
  readonly strainMl: number;
  /** What is strained is thrown away: dried grains are only waking. */
  readonly discard: boolean;
  /** Says that it was done: strained liquid becomes a brew of its own, ready to be bottled. */
  readonly done: () => void;
}

/** Feeding a jar as usual, in one tap; a kind that is renewed is strained first. */
export const useFeeding = (lot: Lot, portions?: readonly Portion[]): Feeding =>
  feedingOf(useActs(), lot, portions);

/** The same with the hand that writes: for several jars at once. */
export function feedingOf(
  { act, together }: Pick<Acts, 'act' | 'together'>,
  lot: Lot,
  portions: readonly Portion[] = usualFeed(lot),
): Feeding {
  const renewal = renewalOf(lot);
  const fresh = renewal?.portions ?? portions;
  const feed = () =>
    act(
      { kind: 'portions-added', lotId: lot.id, portions: [...fresh] },
      `${renewal ? t`Strained and fed` : t`Fed`} ${lot.name}.`,
    );
  if (!renewal) return { portions: fresh, strainMl: 0, discard: false, done: feed };
  const begin = {
    role: 'brew' as const,
    name: `${lot.name}${/s$/i.test(lot.name) ? '’' : '’s'} ${renewal.portions.some(({ what }) => what.includes('tea')) ? 'tea' : 'kefir'}`,
    vessel: { kind: 'jar' as const, ml: Math.ceil(renewal.strainMl / 0.9 / 250) * 250 },
    closure: 'loose-lid' as const,
    place: lot.place,
    culture: null,
    recipe: { base: keptCulture(lot)!.keeping.base, wantedVolumes: 2.5 },
  };
  const strain = () =>
    act(
      {
        kind: 'transferred',
        from: lot.id,
        taken: 'liquid',
        targets: [renewal.discard ? { ml: renewal.strainMl } : { ml: renewal.strainMl, begin }],
      },
      t`${lot.name} is strained.`,
    );
  // What could not be strained is not fed on top.
  const done = () => together(() => strain() && feed());
  return { portions: fresh, strainMl: renewal.strainMl, discard: renewal.discard, done };
}
