import { Choice } from '@/ui/controls/choice';
import { litres } from '@/words/amounts';
import { roughLitres } from '../state/sizes';
import { t } from '@/core/language/t';

interface Props {
  readonly ml: number;
  readonly onMl: (ml: number) => void;
}

/** How much of it, one tap: the usual sizes, and the one it has. */
export function SizeChips({ ml, onMl }: Props) {
  return (
    <Choice
      label={t`Size`}
      options={roughLitres(ml).map((value) => ({ value, label: litres(value) }))}
      value={ml}
      onChange={onMl}
    />
  );
}
