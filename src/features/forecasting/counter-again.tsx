import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { Note } from '@/ui/controls/note';
import { counterWords } from '@/words/bottles/keeping-words';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly answer: LotAnswer | null;
}

/** What a sealed bottle out of the fridge will come to, and when: said before it is moved. */
export function CounterAgain({ lot, answer }: Props) {
  if (lot.closure !== 'sealed') return null;
  const words = answer && counterWords(answer);
  if (!words)
    return (
      <Note tone="plain">{t`Warm again it ferments on, and its pressure nearly doubles. Being worked out…`}</Note>
    );
  return <Note tone={words.danger ? 'danger' : 'plain'}>{t`${words.text} An estimate.`}</Note>;
}
