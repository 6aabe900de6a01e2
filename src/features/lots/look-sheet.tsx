import { useState } from 'react';
import { View } from 'react-native';
import { isDiscard, lotSigns, type Signs } from '@/core/lots/signs';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { signWords } from '@/words/names';
import { WhenField } from '../forms/when-field';
import { useAct } from '../acts/act-context';
import type { LotSheetProps } from './sheet-props';
import { signsFor } from './signs-for';
import { t } from '@/core/language/t';

/** What is seen, heard, smelt and felt: chips, one tap a sign. */
export function LookSheet({ lot, onClose }: LotSheetProps) {
  const act = useAct();
  const [signs, setSigns] = useState<Signs>({});
  const [note, setNote] = useState('');
  const [at, setAt] = useState<number | null>(null);
  const all = signsFor(lot);
  const [more, setMore] = useState(false);
  const chosen = Object.entries(signs);
  const bad = chosen.some(([kind, value]) => isDiscard(kind, value));
  const save = () => {
    if (chosen.length === 0) return;
    act(
      {
        kind: 'observed',
        lotId: lot.id,
        signs,
        ...(note.trim() ? { note: note.trim() } : {}),
      },
      t`${lot.name}: noted. The forecast takes it in.`,
      at ?? undefined,
    );
    onClose();
  };
  return (
    <Sheet title={t`Look at ${lot.name}`} onClose={onClose}>
      {all.slice(0, more ? all.length : 5).map((kind) => (
        <View key={kind} style={{ gap: 6 }}>
          <Text as="strong">{signWords[kind].title}</Text>
          <Choice
            label={signWords[kind].title}
            options={lotSigns[kind].map((value) => ({
              value: value as string,
              label: signWords[kind].words[value] ?? value,
            }))}
            value={signs[kind] ?? null}
            onChange={(value) => setSigns({ ...signs, [kind]: signs[kind] === value ? undefined : value })}
          />
        </View>
      ))}
      {more ? null : (
        <InkButton
          quiet
          label={t`More signs`}
          onPress={() => setMore(true)}
          style={{ alignSelf: 'flex-start' }}
        />
      )}
      {bad ? (
        <Note tone="danger">{t`Fuzz, odd colour or a foul smell: discard all of it and clean the vessel. Never skim and drink.`}</Note>
      ) : null}
      <TextBox label={t`Note`} value={note} onChange={setNote} multiline />
      <WhenField value={at} onChange={setAt} />
      <InkButton label={t`Note it`} disabled={chosen.length === 0} onPress={save} />
    </Sheet>
  );
}
