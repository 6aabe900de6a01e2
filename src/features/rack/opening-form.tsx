import { useState } from 'react';
import type { Lot, OpeningKind } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { TasteChoices, usualTaste } from '../lots/taste-choices';
import { useAct } from '../shell/act-context';

interface Props {
  readonly lot: Lot;
  readonly name: string;
  readonly cold: boolean;
  readonly onClose: () => void;
}

const openings = [
  { value: 'still', label: 'Still' },
  { value: 'gentle', label: 'Gentle hiss' },
  { value: 'lively', label: 'Lively' },
  { value: 'gusher', label: 'Gusher' },
] as const satisfies readonly { value: OpeningKind; label: string }[];

/** How it opened and how it tasted: what the next batch learns from. */
export function OpeningForm({ lot, name, cold, onClose }: Props) {
  const act = useAct();
  const [opening, setOpening] = useState<OpeningKind>('gentle');
  const [taste, setTaste] = useState(usualTaste);
  const [note, setNote] = useState('');
  const save = () => {
    const { sweet, sour } = taste;
    act(
      {
        kind: 'opened',
        lotId: lot.id,
        how: opening,
        sweet,
        sour,
        ...(note.trim() ? { note: note.trim().slice(0, 2000) } : {}),
      },
      `${name} is opened.`,
    );
    onClose();
  };
  return (
    <Sheet title={`Open ${name}`} onClose={onClose}>
      {cold ? null : <Note tone="danger">It is warm: chill it first if you can. A warm bottle gushes.</Note>}
      <Note tone="caution">
        Cold, slowly, wrapped in a cloth, over the sink, pointing away. It holds some alcohol: mind children,
        pregnancy and driving.
      </Note>
      <Text as="strong">How did it open?</Text>
      <Choice label="How did it open?" options={openings} value={opening} onChange={setOpening} />
      <TasteChoices value={taste} onChange={setTaste} />
      <TextBox label="What to change next time" value={note} onChange={setNote} multiline />
      <InkButton label="Opened" onPress={save} />
    </Sheet>
  );
}
