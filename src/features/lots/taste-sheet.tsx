import { useState } from 'react';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { WhenField } from '../forms/when-field';
import { useAct } from '../shell/act-context';
import type { LotSheetProps } from './sheet-props';
import { TasteChoices, usualTaste } from './taste-choices';

const likings = [
  { value: 1, label: 'Not again' },
  { value: 2, label: 'Meh' },
  { value: 3, label: 'Fine' },
  { value: 4, label: 'Good' },
  { value: 5, label: 'Again, please' },
] as const;

/** A sip, by whoever sips. */
export function TasteSheet({ lot, onClose }: LotSheetProps) {
  const act = useAct();
  const [taste, setTaste] = useState(usualTaste);
  const [liking, setLiking] = useState<number | null>(null);
  const [by, setBy] = useState('');
  const [note, setNote] = useState('');
  const [at, setAt] = useState<number | null>(null);
  const save = () => {
    const said = {
      ...taste,
      ...(liking ? { liking } : {}),
      ...(by.trim() ? { by: by.trim().slice(0, 80) } : {}),
      ...(note.trim() ? { note: note.trim().slice(0, 2000) } : {}),
    };
    act({ kind: 'tasted', lotId: lot.id, ...said }, `${lot.name}: taste noted.`, at ?? undefined);
    onClose();
  };
  return (
    <Sheet title={`Taste ${lot.name}`} onClose={onClose}>
      <TasteChoices value={taste} onChange={setTaste} fizz={lot.role === 'bottle'} />
      <Text as="strong">How is it?</Text>
      <Choice
        label="How is it?"
        options={likings}
        value={liking as 1 | 2 | 3 | 4 | 5 | null}
        onChange={setLiking}
      />
      <TextBox label="Who" value={by} onChange={setBy} hint="Leave it empty for yourself" />
      <TextBox label="Note" value={note} onChange={setNote} multiline />
      <WhenField value={at} onChange={setAt} />
      <InkButton label="Note it" onPress={save} />
    </Sheet>
  );
}
