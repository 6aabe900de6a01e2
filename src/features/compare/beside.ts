import type { Compared } from '@/core/tasting/compare';
import type { VesselId } from '@/core/vessels/vessel-kinds';

/** A bottle with what kind of glass it is: its headspace is said in centimetres. */
export interface Beside {
  readonly compared: Compared;
  readonly kind: VesselId;
}
