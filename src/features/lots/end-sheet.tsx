import { useState } from 'react';
import { endings, type Ending } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { endingWords } from '@/words/names';
import { WhenField } from '../forms/when-field';
import { useAct } from '../acts/act-context';
import type { LotSheetProps } from './sheet-props';
import { t } from '@/core/language/t';

/** The end of a lot: drunk, given, dried, discarded. */
export function EndSheet({ lot, onClose }: LotSheetProps) {
  const act = useAct();
  const [how, setHow] = useState<Ending>(lot.role === 'starter' ? 'discarded' : 'drunk');
  const [why, setWhy] = useState('');
  const [at, setAt] = useState<number | null>(null);
  const save = () => {
    act(
      { kind: 'ended', lots: [lot.id], how, why: why.trim().slice(0, 500) },
      `${lot.name}: ${endingWords[how].toLowerCase()}.`,
      at ?? undefined,
    );
    onClose();
  };
  return (
    <Sheet title={t`The end of ${lot.name}`} onClose={onClose}>
      <Choice
        label={t`How`}
        options={endings
          .filter((value) => lot.role === 'bottle' || (value !== 'burst' && value !== 'leaked'))
          .map((value) => ({ value, label: endingWords[value] }))}
        value={how}
        onChange={setHow}
      />
      <TextBox
        label={t`Why`}
        value={why}
        onChange={setWhy}
        multiline
        hint={t`What the next one can learn from`}
      />
      <Text>{t`It leaves the shelves; its ledger stays, and Undo brings it back.`}</Text>
      <WhenField value={at} onChange={setAt} />
      <InkButton danger={how === 'discarded'} label={endingWords[how]} onPress={save} />
    </Sheet>
  );
}
