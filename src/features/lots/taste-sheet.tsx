import { useState } from 'react';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { TextBox } from '@/ui/controls/text-box';
import { WhenField } from '../forms/when-field';
import { useAct } from '../acts/act-context';
import type { LotSheetProps } from './sheet-props';
import { bottleScales, jarScales, TasteChoices, type Taste } from './taste-choices';
import { TasterChoice } from './taster-choice';
import { t } from '@/core/language/t';

/** A sip, by whoever sips. */
export function TasteSheet({ lot, onClose }: LotSheetProps) {
  const act = useAct();
  const [taste, setTaste] = useState<Taste>({});
  const [by, setBy] = useState('');
  const [note, setNote] = useState('');
  const [at, setAt] = useState<number | null>(null);
  const save = () => {
    const said = {
      ...taste,
      ...(by.trim() ? { by: by.trim() } : {}),
      ...(note.trim() ? { note: note.trim().slice(0, 2000) } : {}),
    };
    act({ kind: 'tasted', lotId: lot.id, ...said }, t`${lot.name}: taste noted.`, at ?? undefined);
    onClose();
  };
  return (
    <Sheet title={t`Taste ${lot.name}`} onClose={onClose}>
      <TasterChoice value={by} onChange={setBy} />
      <TasteChoices
        value={taste}
        onChange={setTaste}
        kinds={lot.role === 'bottle' ? bottleScales : jarScales}
      />
      <TextBox label={t`Note`} value={note} onChange={setNote} multiline />
      <WhenField value={at} onChange={setAt} />
      <InkButton label={t`Note it`} disabled={Object.keys(taste).length === 0} onPress={save} />
    </Sheet>
  );
}
