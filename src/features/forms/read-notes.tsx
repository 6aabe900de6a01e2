import type { ReadLine } from '@/core/recipes/ingredient-line';
import { Note } from '@/ui/controls/note';
import { estimateWords, lineQuestion } from '@/words/brews/recipe-words';

interface Props {
  readonly estimated: readonly ReadLine[];
  readonly asked: readonly ReadLine[];
}

/** What was guessed in a list that was read, and what must be asked about. */
export const ReadNotes = ({ estimated, asked }: Props) => (
  <>
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
  </>
);
