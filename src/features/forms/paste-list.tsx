import { useState } from 'react';
import { useSelector } from 'react-redux';
import { View } from 'react-native';
import type { Portion } from '@/core/matter/portion';
import { ownIngredientsOf } from '@/core/settings/own-ingredient';
import { namesWith } from '@/core/recipes/ingredient-names';
import { doseLine, type DoseLine } from '@/core/recipes/import-recipe';
import { readLine, type ReadLine } from '@/core/recipes/ingredient-line';
import { recipeOfJson } from '@/core/recipes/recipe-json';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { TextBox } from '@/ui/controls/text-box';
import { selectHousehold } from '@/store/selectors';
import { gap } from '@/ui/theme/shape';
import { estimateWords, lineQuestion } from '@/words/brews/recipe-words';

/** At most so many lines are read at once. */
const mostLines = 60;

/** Lines read into portions, and those that must be asked about; the lines of a recipe in JSON-LD too. */
export function readList(
  text: string,
  names?: ReadonlyMap<string, string>,
): {
  readonly portions: Portion[];
  /** The starter that a line names; null for none. */
  readonly dose: DoseLine | null;
  readonly asked: ReadLine[];
  readonly estimated: ReadLine[];
} {
  const lines = (recipeOfJson(text)?.lines ?? text.split('\n'))
    .filter((line) => line.trim() !== '')
    .slice(0, mostLines);
  const doses = lines.map(doseLine);
  const first = doses.findIndex((each) => each !== null);
  const read = lines.filter((_, i) => i !== first).map((line) => readLine(line, names));
  return {
    dose: doses[first] ?? null,
    portions: read.flatMap(({ portion }) => (portion ? [portion] : [])),
    asked: read.filter(({ portion }) => portion === null),
    estimated: read.filter(({ portion, about }) => portion !== null && about),
  };
}

/** A list from anywhere, line by line: what is understood is taken, what is not is asked about and stays here. */
export function PasteList({
  onRead,
}: {
  readonly onRead: (portions: readonly Portion[], dose: DoseLine | null) => void;
}) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<readonly ReadLine[]>([]);
  const [estimated, setEstimated] = useState<readonly ReadLine[]>([]);
  const names = namesWith(ownIngredientsOf(useSelector(selectHousehold)));
  const read = () => {
    const list = readList(text, names);
    onRead(list.portions, list.dose);
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
