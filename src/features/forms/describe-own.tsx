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
import { t } from '@/core/language/t';

/** What something may be like, each by a middling one of the table. */
const likes = [
  { value: 'plum', label: t`A fruit` },
  { value: 'apple-juice', label: t`A juice` },
  { value: 'plum-puree', label: t`A purée` },
  { value: 'simple-syrup', label: t`A syrup` },
  { value: 'cane-sugar', label: t`A sugar` },
  { value: 'mint', label: t`A herb` },
  { value: 'elderflower', label: t`A flower` },
  { value: 'cinnamon', label: t`A spice` },
  { value: 'black-tea', label: t`A tea` },
  { value: 'ginger', label: t`A root` },
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
  const sugar = between(typed.sugar, 0, 100, t`Between 0 and 100 g.`);
  const acid = between(typed.acid, 0, 20, t`Between 0 and 20 g.`);
  const cupGrams = between(typed.cup, 1, 500, t`Between 1 and 500 g.`);
  const faults: Record<string, string> = {};
  const wrong = nameFault(name);
  if (wrong) faults.name = wrong;
  else if (name.trim().length > longestOwnName) faults.name = t`At most ${longestOwnName} letters.`;
  if (typeof sugar === 'string') faults.sugar = sugar;
  if (typeof acid === 'string') faults.acid = acid;
  if (typeof cupGrams === 'string') faults.cup = cupGrams;
  if (typeof sugar === 'string' || typeof acid === 'string' || typeof cupGrams === 'string' || faults.name)
    return { own: null, faults };
  if ((sugar ?? 0) + (acid ?? 0) > 100)
    return { own: null, faults: { sugar: t`More than 100 g with the acid.` } };
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
    if (act(ownSetting(own), t`${own.name} is in your table now.`)) onDone(ownId(own));
  };
  return (
    <View style={{ gap: gap.small }} testID="describe-own">
      <TextBox
        label={t`Its name`}
        value={name}
        error={tried ? faults.name : undefined}
        errorId="error-own-name"
        onChange={setName}
      />
      <Choice titled label={t`What it is like`} options={likes} value={like} onChange={setLike} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        {box('sugar', t`Sugar, g per 100 g`, t`${sweetOf(like)} if left empty`)}
        {box('acid', t`Acid, g per 100 g`, t`Lemon juice has 5`)}
        {box('cup', t`A cup weighs, g`, t`As others of its kind`)}
      </View>
      <Text>{t`Sugar is on its label. Without one, what it is like stands in: an estimate.`}</Text>
      <InkButton label={t`Keep and use it`} onPress={keep} />
    </View>
  );
}
