import { useRef, useState } from 'react';
import { useSelector } from 'react-redux';
import { View } from 'react-native';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { findIngredients, namesWith } from '@/core/recipes/ingredient-names';
import type { ReadLine } from '@/core/recipes/ingredient-line';
import { readList, type ReadList } from '@/core/recipes/read-list';
import { ownIngredientsOf } from '@/core/settings/own-ingredient';
import { selectHousehold } from '@/store/selectors';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { ReadNotes } from '../../../forms/read-notes';
import { DescribeOwn } from '../../../forms/describe-own';
import { t } from '@/core/language/t';

interface Props {
  /** What is in it already: not proposed again. */
  readonly there: readonly string[];
  readonly onPick: (what: string) => void;
  readonly onRead: (list: ReadList) => void;
}

const usual = [
  'lemon-juice',
  'pear',
  'plum',
  'elderflower',
  'mint',
  'apple-juice',
  'wine-yeast',
  'kefir-grains',
  'whey',
];
const shown = 10;

/** What is written after the last comma or line break: the one thing that is being typed. */
const lastOf = (text: string) =>
  text
    .split(/[,;\n]/)
    .at(-1)!
    .replace(/^[\s\d.,/½¼¾]*(?:(?:g|ml|kg|l|dl|cl|tbsp|tsp|cups?)\b)?/i, '')
    .trim();

/**
 * One box for all that goes in: tapped by name in its usual amount, or written with amounts, several in a line or pasted as a list.
 * What cannot be read is asked about and stays written.
 */
export function PutIn({ there, onPick, onRead }: Props) {
  const own = ownIngredientsOf(useSelector(selectHousehold));
  const names = namesWith(own);
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<readonly ReadLine[]>([]);
  const [estimated, setEstimated] = useState<readonly ReadLine[]>([]);
  const [describing, setDescribing] = useState(false);
  const box = useRef<{ focus: () => void } | null>(null);
  const isList = text.includes('\n') || text.trimStart().startsWith('{');
  const sought = isList ? '' : lastOf(text);
  const found = sought === '' ? [...own, ...usual] : findIngredients(sought, names);
  const options = found
    .filter((what) => sought !== '' || !there.includes(what))
    .slice(0, shown)
    .map((id) => ({ value: id, label: ingredientOf(id).name }));
  const pick = (what: string) => {
    // What was written before it stays, to be put in.
    setText(text.slice(0, text.lastIndexOf(sought)).replace(/[\s\d.,;/]*$/, ''));
    setDescribing(false);
    onPick(what);
    box.current?.focus();
  };
  const read = () => {
    const list = readList(text, names);
    const open = list.asked.filter(({ what, asks }) => !(what && asks === 'how-much'));
    onRead(list);
    setAsked(open);
    setEstimated(list.estimated);
    setText(open.map(({ line }) => line.trim()).join('\n'));
  };
  if (describing) return <DescribeOwn name={sought} onDone={pick} />;
  return (
    <View style={{ gap: gap.small }}>
      <TextBox
        label={t`What goes in`}
        value={text}
        onChange={setText}
        multiline
        inputRef={(ref) => (box.current = ref as { focus: () => void } | null)}
        onEnter={read}
        hint={t`300 g plums, 2 bay leaves; or paste a list`}
      />
      {text.trim() === '' ? null : <InkButton label={t`Put it in`} onPress={read} />}
      {options.length > 0 ? (
        <Choice label={t`Ingredients`} options={options} value={null} onChange={pick} />
      ) : null}
      {sought !== '' && options.length === 0 ? (
        <InkButton quiet label={t`Describe “${sought.slice(0, 30)}”`} onPress={() => setDescribing(true)} />
      ) : null}
      <ReadNotes estimated={estimated} asked={asked} />
    </View>
  );
}
