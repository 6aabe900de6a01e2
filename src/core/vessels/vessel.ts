import type { Vessel } from './records/vessel';
import { vesselKind, type Closure } from './vessel-kinds';

/** Whether a vessel keeps its gas: closed tight, and made to hold some. A jar's lid domes and seeps at `closedJarBar`. */
export const keepsGas = (vessel: Vessel, closure: Closure): boolean =>
  closure === 'sealed' && vesselKind(vessel.kind).limitBar > 0;

/** A jar is filled to nine tenths at most: it foams. */
export const fullestShare = 0.9;
