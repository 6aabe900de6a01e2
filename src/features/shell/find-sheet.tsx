import { useState } from 'react';
import { drinksNamed } from '@/core/recipes/drink-names';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { everyLot } from '@/core/journal/household';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { RowLink } from '@/ui/controls/row-link';
import { SearchBox } from '@/ui/controls/search-box';
import { Sheet } from '@/ui/controls/sheet';
import { lotName } from '@/words/names';
import { hrefOf } from '@/ui/layout/lot-href';
import { t } from '@/core/language/t';

const shown = 8;

/** Finds any lot by its name. */
export function FindSheet({ onClose }: { readonly onClose: () => void }) {
  const household = useAppSelector(selectHousehold);
  const [text, setText] = useState('');
  const wanted = text.trim().toLowerCase();
  const found = everyLot(household)
    .map((lot) => ({ lot, name: lotName(lot, household) }))
    .filter(({ name }) => wanted !== '' && name.toLowerCase().includes(wanted))
    .sort((a, b) => b.lot.begunAt - a.lot.begunAt)
    .slice(0, shown);
  const named = drinksNamed(wanted);
  const recipes =
    wanted === ''
      ? []
      : [...recipeVersions(household).values()]
          .map((versions) => versions.at(-1)!)
          .filter(
            ({ name, culture, lines }) =>
              name.toLowerCase().includes(wanted) ||
              named.cultures.includes(culture) ||
              lines.some(({ what }) => named.whats.includes(what)),
          )
          .slice(0, shown);
  return (
    <Sheet title={t`Find`} onClose={onClose}>
      <SearchBox
        label={t`Name`}
        value={text}
        onChange={setText}
        hint={t`A starter, a brew, a bottle, a recipe`}
      />
      {recipes.map(({ id, version, name }) => (
        <RowLink
          key={id}
          title={t`Recipe: ${name}`}
          href={`/brews/recipe?id=${id}&version=${version}`}
          onGo={onClose}
        />
      ))}
      {found.map(({ lot, name }) => (
        <RowLink key={lot.id} title={name} href={hrefOf(lot)} onGo={onClose} />
      ))}
    </Sheet>
  );
}
