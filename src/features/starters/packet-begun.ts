import type { Culture } from '@/core/cultures/culture';

/** A date as it stands on a packet. */
export interface DateOnPacket {
  readonly says: 'packed' | 'best-before';
  readonly at: number;
}

const yearMs = 365.25 * 86_400_000;

/** When it was packed: as it says, or so many years before its best-before date. */
export const packetBegunAt = ({ says, at }: DateOnPacket, { packet }: Culture): number =>
  says === 'packed' ? at : at - (packet?.keepsYears ?? 2) * yearMs;
