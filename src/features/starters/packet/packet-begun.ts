import type { Culture } from '@/core/cultures/culture';
import { dayMs } from '@/core/duration';

/** A date as it stands on a packet. */
export interface DateOnPacket {
  readonly says: 'packed' | 'best-before';
  readonly at: number;
}

const yearMs = 365.25 * dayMs;

/** When it was packed: as it says, or so many years before its best-before date. */
export const packetBegunAt = ({ says, at }: DateOnPacket, { packet }: Culture): number =>
  says === 'packed' ? at : at - (packet?.keepsYears ?? 2) * yearMs;
