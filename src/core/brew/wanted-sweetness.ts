import { volumesPerSugarGram } from '../gas/potential';
import type { BatchState } from './batch-state';

/**
 * Sweetness at which to bottle so that the fizz still to come leaves the drink about two thirds as sweet as it began.
 *
 * @returns g/L as sucrose
 * @example // a 90 g/L batch wanting 2.5 volumes is bottled near 70 g/L
 */
export const bottlingSweetness = (batch: Pick<BatchState, 'account' | 'wantedVolumes'>): number =>
  Math.max(10, batch.account.totalGramsPerLitre * 0.66 + batch.wantedVolumes / volumesPerSugarGram);
