import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { mixedSugar } from '@/core/forecast/question/living-liquid';
import { gravitiesOf, type Gravities } from '@/core/lots/gravities';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import { gravityOf } from '@/core/sugar/ferment-gravity';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';

/** The gravity a brew began with: as it was read, else worked out from what went in; and the latest one read. */
export function useOriginalGravity(lot: Lot): {
  readonly og: number;
  readonly measured: boolean;
  readonly latest: Gravities['latest'];
} {
  const kitchen = liquidsOf(useAppSelector(selectHousehold));
  const { original, latest } = gravitiesOf(lot, pitchOf(lot, kitchen.find)?.at ?? null);
  return {
    og: original ?? gravityOf({ sugar: mixedSugar(lot, kitchen), ethanol: 0, acids: 0 }),
    measured: original !== null,
    latest,
  };
}
