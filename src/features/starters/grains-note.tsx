import type { Lot } from '@/core/lots/lot';
import { grainsOf } from '@/core/starter/renewal';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';

/** How many grains there are, how fast they grow, and when they are too many. */
export function GrainsNote({ lot }: { readonly lot: Lot }) {
  const count = grainsOf(lot);
  if (!count) return null;
  const grown =
    count.growth === null
      ? ' Weigh them now and then: two weighings tell how fast they grow.'
      : ` They grow by about ${Math.round(count.growth * 100)} % a cycle.`;
  return (
    <>
      <Text testID="grains">{`${Math.round(count.grams)} g of grains, ${Math.round(count.perLitre)} g a litre.${grown}`}</Text>
      {count.splitGrams === null ? null : (
        <Note tone="caution" testID="split">
          {`They crowd each other and starve: pour ${count.splitGrams} g of grains off, for a second jar, a gift, to dry or to eat.`}
        </Note>
      )}
    </>
  );
}
