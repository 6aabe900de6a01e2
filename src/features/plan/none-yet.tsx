import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Waiting } from '@/ui/controls/waiting';
import { t } from '@/core/language/t';

interface Props {
  /** What is being done. */
  readonly waiting: string;
  /** Asks once more, where it could not be worked out. */
  readonly again: (() => void) | null;
}

/** While the planner has no answer: it comes, or could not be worked out. */
export const NoneYet = ({ waiting, again }: Props) =>
  again ? (
    <>
      <Note tone="caution">{t`The way could not be worked out.`}</Note>
      <InkButton label={t`Try again`} onPress={again} />
    </>
  ) : (
    <Waiting>{waiting}</Waiting>
  );
