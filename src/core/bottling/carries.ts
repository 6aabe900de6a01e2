import type { Caution } from '../settings/caution';
import { usedAtVolumes } from '../vessels/strength';
import type { VesselId } from '../vessels/vessel-kinds';

/** What stands between a batch and the fizz that is wanted, said before it is filled. */
export type Wish =
  /** Nothing: the bottles carry it. */
  | { readonly kind: 'fits' }
  /** It is more than such bottles are used at; kinds that carry it, if any does. */
  | {
      readonly kind: 'beyond';
      readonly bottle: VesselId;
      readonly most: number;
      readonly carriedBy: readonly VesselId[];
    };

const forFizz: readonly VesselId[] = ['swing-top', 'crown-cap', 'plastic-soda', 'sparkling-wine'];

/** Fizz that a kind of bottle carries, volumes: what it is usually used at, for who is not so careful the most; 0 for what is not for fizz. */
export const carries = (kind: VesselId, caution: Caution): number =>
  usedAtVolumes(kind)?.[caution === 'careful' ? 0 : 1] ?? 0;

/**
 * Whether the bottles on the table can be got right at the fizz that is wanted.
 *
 * @param wantedVolumes 0 or more
 * @param bottles kinds that will be filled, at least one for an answer other than 'fits'
 * @example wishOf(3.4, ['swing-top'], 'careful').kind // 'beyond'
 */
export function wishOf(wantedVolumes: number, bottles: readonly VesselId[], caution: Caution): Wish {
  const [weakest] = [...bottles].sort((a, b) => carries(a, caution) - carries(b, caution));
  if (!weakest) return { kind: 'fits' };
  const most = carries(weakest, caution);
  if (wantedVolumes > most)
    return {
      kind: 'beyond',
      bottle: weakest,
      most,
      carriedBy: forFizz.filter((kind) => carries(kind, caution) >= wantedVolumes),
    };
  return { kind: 'fits' };
}
