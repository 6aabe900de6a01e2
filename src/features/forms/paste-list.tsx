import { useState } from 'react';
import { useSelector } from 'react-redux';
import { View } from 'react-native';
import type { Portion } from '@/core/matter/portion';
import { ownIngredientsOf } from '@/core/settings/own-ingredient';
import { namesWith } from '@/core/recipes/ingredient-names';
import type { ReadLine } from '@/core/recipes/ingredient-line';
import { readList } from '@/core/recipes/read-list';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { TextBox } from '@/ui/controls/text-box';
import { selectHousehold } from '@/store/selectors';
import { gap } from '@/ui/theme/shape';
import { estimateWords, lineQuestion } from '@/words/brews/recipe-words';

/** A list from anywhere, line by line: what is understood is taken, what is not is asked about and stays here. */
export function PasteList({ onRead }: { readonly onRead: (portions: readonly Portion[]) => void }) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<readonly ReadLine[]>([]);
  const [estimated, setEstimated] = useState<readonly ReadLine[]>([]);
  const names = namesWith(ownIngredientsOf(useSelector(selectHousehold)));
  const read = () => {
    const list = readList(text, names);
    onRead(list.portions);
    setAsked(list.asked);
    setEstimated(list.estimated);
    setText(list.asked.map(({ line }) => line.trim()).join('\n'));
  };
  return (
    <View style={{ gap: gap.small }}>
      <TextBox
        label="Ingredients, a line each"
        value={text}
        onChange={setText}
        multiline
        hint="1 1/2 cups sugar, juice of 2 lemons… or a recipe as schema.org JSON-LD"
      />
      {estimated.map((line, i) => (
        <Note key={`${line.line}-${i}`} tone="plain" testID="estimated-line">
          {estimateWords(line)}
        </Note>
      ))}
      {asked.map((line, i) => (
        <Note key={`${line.line}-${i}`} tone="caution" testID="asked-line">
          {`“${line.line.trim().slice(0, 60)}”: ${lineQuestion(line)}`}
        </Note>
      ))}
      <InkButton quiet label="Read the list" disabled={text.trim() === ''} onPress={read} />
    </View>
  );
}
