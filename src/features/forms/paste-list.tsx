import { useState } from 'react';
import { useSelector } from 'react-redux';
import { View } from 'react-native';
import type { Portion } from '@/core/matter/portion';
import { ownIngredientsOf } from '@/core/settings/own-ingredient';
import { namesWith } from '@/core/recipes/ingredient-names';
import type { ReadLine } from '@/core/recipes/ingredient-line';
import { readList } from '@/core/recipes/read-list';
import { InkButton } from '@/ui/controls/ink-button';
import { TextBox } from '@/ui/controls/text-box';
import { selectHousehold } from '@/store/selectors';
import { gap } from '@/ui/theme/shape';
import { ReadNotes } from './read-notes';
import { t } from '@/core/language/t';

/** A list from anywhere, line by line: what is understood is taken, what is not is asked about and stays here. */
export function PasteList({ onRead }: { readonly onRead: (portions: readonly Portion[]) => void }) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<readonly ReadLine[]>([]);
  const [estimated, setEstimated] = useState<readonly ReadLine[]>([]);
  const names = namesWith(ownIngredientsOf(useSelector(selectHousehold)));
  const read = () => {
    const list = readList(text, names);
    onRead(list.portions);
    setAsked(list.asked);
    setEstimated(list.estimated);
    setText(list.asked.map(({ line }) => line.trim()).join('\n'));
  };
  return (
    <View style={{ gap: gap.small }}>
      <TextBox
        label={t`Ingredients, a line each`}
        value={text}
        onChange={setText}
        multiline
        hint={t`1 1/2 cups sugar, juice of 2 lemons… or a recipe as schema.org JSON-LD`}
      />
      <ReadNotes estimated={estimated} asked={asked} />
      <InkButton quiet label={t`Read the list`} disabled={text.trim() === ''} onPress={read} />
    </View>
  );
}
