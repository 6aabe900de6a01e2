import { Note } from '@/ui/controls/note';
import { t } from '@/core/language/t';

interface Props {
  readonly caution: string | undefined;
  readonly words: readonly string[];
  /** It will stand open in the kitchen, beside others. */
  readonly stands: boolean;
}

/** What to mind where something is begun. */
export function BeginNotes({ caution, words, stands }: Props) {
  return (
    <>
      {caution ? <Note tone="caution">{caution}</Note> : null}
      {words.map((each) => (
        <Note key={each} tone="caution">
          {each}
        </Note>
      ))}
      {stands ? (
        <Note tone="plain">{t`Keep different ferments a metre or more apart, or they seed each other. Fine cloth keeps flies out, a saucer of water ants.`}</Note>
      ) : null}
    </>
  );
}
