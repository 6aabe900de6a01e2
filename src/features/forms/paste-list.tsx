import { useState } from 'react';
import { View } from 'react-native';
import type { Portion } from '@/core/matter/portion';
import { readLine, type ReadLine } from '@/core/recipes/ingredient-line';
import { recipeOfJson } from '@/core/recipes/recipe-json';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { estimateWords, lineQuestion } from '@/words/recipe-words';

/** At most so many lines are read at once. */
const mostLines = 60;

/** Lines read into portions, and those that must be asked about; the lines of a recipe in JSON-LD too. */
export function readList(text: string): {
  readonly portions: Portion[];
  readonly asked: ReadLine[];
  readonly estimated: ReadLine[];
} {
  const read = (recipeOfJson(text)?.lines ?? text.split('\n'))
    .filter((line) => line.trim() !== '')
    .slice(0, mostLines)
    .map(readLine);
  return {
    portions: read.flatMap(({ portion }) => (portion ? [portion] : [])),
    asked: read.filter(({ portion }) => portion === null),
    estimated: read.filter(({ portion, about }) => portion !== null && about),
  };
}

/** A list from anywhere, line by line: what is understood is taken, what is not is asked about and stays here. */
export function PasteList({ onRead }: { readonly onRead: (portions: readonly Portion[]) => void }) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<readonly ReadLine[]>([]);
  const [estimated, setEstimated] = useState<readonly ReadLine[]>([]);
  const read = () => {
    const list = readList(text);
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
