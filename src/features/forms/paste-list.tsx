import { useState } from 'react';
import { View } from 'react-native';
import { readLine, type ReadLine } from '@/core/recipes/ingredient-line';
import { recipeOfJson } from '@/core/recipes/recipe-json';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { lineQuestion } from '@/words/recipe-words';
import { rowOf, type PortionRow } from './portion-form';

/** At most so many lines are read at once. */
const mostLines = 60;

/** Lines read into rows, and those that must be asked about; the lines of a recipe in JSON-LD too. */
export function readList(text: string): { readonly rows: PortionRow[]; readonly asked: ReadLine[] } {
  const read = (recipeOfJson(text)?.lines ?? text.split('\n'))
    .filter((line) => line.trim() !== '')
    .slice(0, mostLines)
    .map(readLine);
  return {
    rows: read.flatMap(({ portion }) => (portion ? [rowOf(portion)] : [])),
    asked: read.filter(({ portion }) => portion === null),
  };
}

/** A list from anywhere, line by line: what is understood becomes rows, what is not is asked about and stays here. */
export function PasteList({ onRows }: { readonly onRows: (rows: readonly PortionRow[]) => void }) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<readonly ReadLine[]>([]);
  const read = () => {
    const list = readList(text);
    onRows(list.rows);
    setAsked(list.asked);
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
      {asked.map((line, i) => (
        <Note key={`${line.line}-${i}`} tone="caution" testID="asked-line">
          {`“${line.line.trim().slice(0, 60)}”: ${lineQuestion(line)}`}
        </Note>
      ))}
      <InkButton quiet label="Read the list" disabled={text.trim() === ''} onPress={read} />
    </View>
  );
}
