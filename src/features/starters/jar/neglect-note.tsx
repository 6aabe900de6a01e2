import type { JarCare } from '@/core/cultures/culture';
import type { Lot } from '@/core/lots/lot';
import { neglectOf } from '@/core/starter/neglect';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { neglectWords, rescueSteps } from '@/words/starters/neglect-words';

/** A neglected jar: how likely it lives, and how it is brought back. */
export function NeglectNote({
  lot,
  keeping,
  now,
}: {
  readonly lot: Lot;
  readonly keeping: JarCare;
  readonly now: number;
}) {
  const { warmths } = useAppSelector(selectHousehold);
  const neglect = neglectOf(lot, warmths, now);
  if (!neglect) return null;
  return (
    <>
      <Note tone={neglect.state === 'doubtful' ? 'danger' : 'caution'} testID="neglect">
        {neglectWords(neglect, lot.name)}
      </Note>
      {rescueSteps(neglect, keeping).map((step, i) => (
        <Text key={step}>{`${i + 1}. ${step}`}</Text>
      ))}
    </>
  );
}
