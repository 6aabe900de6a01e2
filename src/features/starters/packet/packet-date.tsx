import type { Culture } from '@/core/cultures/culture';
import { Choice } from '@/ui/controls/choice';
import { Note } from '@/ui/controls/note';
import { duration, moment } from '@/words/moment';
import { packetBegunAt, type DateOnPacket } from './packet-begun';
import { MomentField } from '../../../ui/controls/moment-field';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly value: DateOnPacket;
  readonly onChange: (value: DateOnPacket) => void;
  readonly now: number;
  readonly culture: Culture;
}

/** The date on a packet: what its yeast has lived through is worked out from it. */
export function PacketDate({ value, onChange, now, culture }: Props) {
  const begun = packetBegunAt(value, culture);
  return (
    <>
      <Choice
        label={t`The date on it`}
        options={[
          { value: 'best-before' as const, label: t`Best before` },
          { value: 'packed' as const, label: t`Packed on` },
        ]}
        value={value.says}
        onChange={(says) => onChange({ ...value, says })}
      />
      <MomentField
        label={value.says === 'packed' ? t`Packed on` : t`Best before`}
        value={value.at}
        onChange={(at) => at !== null && onChange({ ...value, at })}
        dayOnly
        said={
          begun > now
            ? undefined
            : t`Packed about ${duration((now - begun) / hourMs)} ago${value.says === 'packed' ? '' : t`: packets are dated ${culture.packet?.keepsYears ?? 2} years ahead`}.`
        }
      />
      {begun > now ? (
        <Note tone="caution">{t`That is ahead: Yuzet takes it as packed today, ${moment(now, now)}.`}</Note>
      ) : null}
    </>
  );
}
