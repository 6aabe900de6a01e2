import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import type { BottleState } from '@/core/brew/batch-state';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { TasteChoices, usualTaste } from '../brews/taste-choices';
import { useAct } from '../shell/act-context';

interface Props {
  readonly bottle: BottleState;
  readonly name: string;
  readonly cold: boolean;
  readonly onClose: () => void;
}

const openings = [
  { value: 'still', label: 'Still' },
  { value: 'gentle', label: 'Gentle hiss' },
  { value: 'lively', label: 'Lively' },
  { value: 'gusher', label: 'Gusher' },
] as const;

/** How it opened and how it tasted: what the next batch learns from. */
export function OpeningForm({ bottle, name, cold, onClose }: Props) {
  const act = useAct();
  const [opening, setOpening] = useState<(typeof openings)[number]['value']>('gentle');
  const [taste, setTaste] = useState(usualTaste);
  const [note, setNote] = useState('');
  const save = () => {
    act(
      { kind: 'opened', bottleId: bottle.id, opening, ...taste, note: note.trim().slice(0, 500) },
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
      <TextInput
        mode="outlined"
        label="What to change next time"
        aria-label="What to change next time"
        value={note}
        onChangeText={setNote}
        multiline
        maxLength={500}
      />
      <InkButton label="Opened" onPress={save} />
    </Sheet>
  );
}
