import { timesToFoam } from '@/core/starter/time-to-foam';
import type { Lot } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { duration } from '@/words/moment';
import { useAct } from '../../acts/act-context';
import { lastFedAt } from '../jar/last-fed';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

const waits = [2, 4, 6, 9, 12, 18] as const;

/** How soon it foamed after its feeds, and the same for the last one, told afterwards in one tap. */
export function FoamTime({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  const act = useAct();
  const fedAt = lastFedAt(lot);
  const times = timesToFoam(lot);
  const since = (now - fedAt) / hourMs;
  const known = times.at(-1)?.fedAt === fedAt;
  const past = waits.filter((hours) => hours <= since);
  if (lot.place === 'fridge') return null;
  return (
    <>
      {times.length > 0 ? (
        <Text testID="foam-times">
          {t`Foam came ${times
            .slice(-4)
            .reverse()
            .map(({ hours }) => duration(hours))
            .join(', ')} after its last feeds, the latest first.`}
        </Text>
      ) : null}
      {!known && past.length > 0 && since < 48 ? (
        <>
          <Choice
            titled
            label={t`How soon after its feed did it foam?`}
            options={past.map((value) => ({ value, label: duration(value) }))}
            value={null}
            onChange={(hours) =>
              act(
                { kind: 'observed', lotId: lot.id, signs: { foam: 'good' } },
                t`${lot.name}: foam after ${duration(hours)}.`,
                fedAt + hours * hourMs,
              )
            }
          />
        </>
      ) : null}
    </>
  );
}
