import { useRouter } from 'expo-router';
import { secondRunOf } from '@/core/brew/second-run';
import { targetLotId } from '@/core/lots/transfer';
import type { Lot } from '@/core/lots/lot';
import { InkButton } from '@/ui/controls/ink-button';
import { portionsWords } from '@/words/amounts';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** The same water and sugar again over peel or fruit that has run once. */
export function SecondRun({ lot }: { readonly lot: Lot }) {
  const act = useAct();
  const router = useRouter();
  const run = secondRunOf(lot);
  if (!run || !lot.recipe) return null;
  const name = t`${lot.name}, second run`.slice(0, 80);
  const begin = {
    role: 'brew' as const,
    name,
    vessel: lot.vessel,
    closure: lot.closure === 'sealed' ? ('airlock' as const) : lot.closure,
    place: lot.place,
    culture: lot.culture,
    recipe: { base: lot.recipe.base, wantedVolumes: lot.recipe.wantedVolumes },
  };
  const again = () => {
    const entry = act(
      {
        kind: 'transferred',
        from: lot.id,
        taken: 'solids',
        targets: [{ begin, portions: [...run.portions] }],
      },
      t`${name} has begun.`,
    );
    if (entry) router.navigate(`/brews/${targetLotId(entry.id, 0)}`);
  };
  return (
    <InkButton
      quiet
      label={t`Second run`}
      hint={t`Second run: ${portionsWords(run.portions)} over its ${Math.round(run.solidGrams)} g of solids`}
      onPress={again}
    />
  );
}
