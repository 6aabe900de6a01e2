import type { Lot } from '@/core/lots/lot';

/** What every sheet of a lot gets. */
export interface LotSheetProps {
  readonly lot: Lot;
  readonly onClose: () => void;
}
