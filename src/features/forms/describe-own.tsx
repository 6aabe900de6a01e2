import { useState } from 'react';
import { View } from 'react-native';
import { ownSetting } from '@/core/settings/own-ingredient';
import { parseNumber } from '@/core/measures/parse-measure';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { longestOwnName, ownId, type OwnIngredient } from '@/core/matter/own-ingredient';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useAct } from '../acts/act-context';
import { nameFault } from './name-fault';

/** What something may be like, each by a middling one of the table. */
const likes = [
  { value: 'plum', label: 'A fruit' },
  { value: 'apple-juice', label: 'A juice' },
  { value: 'plum-puree', label: 'A purée' },
  { value: 'simple-syrup', label: 'A syrup' },
  { value: 'cane-sugar', label: 'A sugar' },
  { value: 'mint', label: 'A herb' },
  { value: 'elderflower', label: 'A flower' },
  { value: 'cinnamon', label: 'A spice' },
  { value: 'black-tea', label: 'A tea' },
  { value: 'ginger', label: 'A root' },
] as const;
type Like = (typeof likes)[number]['value'];

const sweetOf = (like: string): number => {
  const { sucrose, glucose, fructose, maltose } = ingredientOf(like).composition;
  return Math.round((sucrose + glucose + fructose + maltose) * 1000) / 10;
};

interface Typed {
  readonly sugar: string;
  readonly acid: string;
  readonly cup: string;
}

const between = (text: string, low: number, high: number, fault: string): number | null | string => {
  if (text.trim() === '') return null;
  const value = parseNumber(text);
  return value >= low && value <= high ? value : fault;
};

/** What was typed as an own ingredient, or what is wrong by box. */
function readOwn(
  name: string,
  like: string,
  typed: Typed,
): { readonly own: OwnIngredient | null; readonly faults: Readonly<Record<string, string>> } {
  const sugar = between(typed.sugar, 0, 100, 'Between 0 and 100 g.');
  const acid = between(typed.acid, 0, 20, 'Between 0 and 20 g.');
  const cupGrams = between(typed.cup, 1, 500, 'Between 1 and 500 g.');
  const faults: Record<string, string> = {};
  const wrong = nameFault(name);
  if (wrong) faults.name = wrong;
  else if (name.trim().length > longestOwnName) faults.name = `At most ${longestOwnName} letters.`;
  if (typeof sugar === 'string') faults.sugar = sugar;
  if (typeof acid === 'string') faults.acid = acid;
  if (typeof cupGrams === 'string') faults.cup = cupGrams;
  if (typeof sugar === 'string' || typeof acid === 'string' || typeof cupGrams === 'string' || faults.name)
    return { own: null, faults };
  if ((sugar ?? 0) + (acid ?? 0) > 100)
    return { own: null, faults: { sugar: 'More than 100 g with the acid.' } };
  return { own: { name: name.trim(), like, sugar, acid, cupGrams }, faults };
}

interface Props {
  /** What was looked for. */
  readonly name: string;
  readonly onDone: (what: string) => void;
}

/** An ingredient that no table holds, described by who has it in hand; it stays with the kitchen. */
export function DescribeOwn({ name: sought, onDone }: Props) {
  const act = useAct();
  const [name, setName] = useState(sought.trim());
  const [like, setLike] = useState<Like>('plum');
  const [typed, setTyped] = useState<Typed>({ sugar: '', acid: '', cup: '' });
  const [tried, setTried] = useState(false);
  const { own, faults } = readOwn(name, like, typed);
  const box = (key: keyof Typed, label: string, hint: string) => (
    <TextBox
      label={label}
      value={typed[key]}
      numeric
      hint={hint}
      error={tried ? faults[key] : undefined}
      errorId={`error-own-${key}`}
      onChange={(text) => setTyped({ ...typed, [key]: text })}
    />
  );
  const keep = () => {
    setTried(true);
    if (!own) return;
    if (act(ownSetting(own), `${own.name} is in your table now.`)) onDone(ownId(own));
  };
  return (
    <View style={{ gap: gap.small }} testID="describe-own">
      <TextBox
        label="Its name"
        value={name}
        error={tried ? faults.name : undefined}
        errorId="error-own-name"
        onChange={setName}
      />
      <Choice titled label="What it is like" options={likes} value={like} onChange={setLike} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        {box('sugar', 'Sugar, g per 100 g', `${sweetOf(like)} if left empty`)}
        {box('acid', 'Acid, g per 100 g', 'Lemon juice has 5')}
        {box('cup', 'A cup weighs, g', 'As others of its kind')}
      </View>
      <Text>Sugar is on its label. Without one, what it is like stands in: an estimate.</Text>
      <InkButton label="Keep and use it" onPress={keep} />
    </View>
  );
}
