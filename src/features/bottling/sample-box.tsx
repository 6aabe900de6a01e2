import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { scaledDose } from '@/core/bottling/charge';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured } from '@/core/matter/portion';
import { portionTyped, volumeTyped } from '@/core/measures/portion-measure';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { amountOf, portionWords } from '@/words/amounts';
import { IngredientPicker } from '../forms/ingredient-picker';
import { doseKinds } from './dose-kinds';
import { dosePortion, type Dose } from './table-state';
import { t } from '@/core/language/t';

interface Props {
  readonly liquidMl: number;
  /** What the bottles get now: the sample begins with it. */
  readonly doses: readonly Dose[];
  readonly onDose: (dose: Dose) => void;
}

/** A dose tried in a weighed sample and tasted, then as strong in the bottle. */
export function SampleBox({ liquidMl, doses, onDose }: Props) {
  const [first] = doses;
  const [what, setWhat] = useState(first?.what ?? 'white-sugar');
  const [picking, setPicking] = useState(false);
  const [sample, setSample] = useState('100 ml');
  const [dose, setDose] = useState(() =>
    first ? amountOf(dosePortion(first, 100)) : isPoured(what) ? '10 ml' : '1 g',
  );
  const usual = doseKinds.map(({ value, label }) => ({ value: value as string, label }));
  const options = [
    ...(usual.some(({ value }) => value === what)
      ? usual
      : [{ value: what, label: ingredientOf(what).name }, ...usual]),
    { value: 'other', label: t`Something else` },
  ];
  const ml = volumeTyped(sample, 'ml');
  const portion = portionTyped(what, dose);
  const sampleFault = !ml.ok
    ? refusalWords(ml)
    : ml.value < 10 || ml.value > 1000
      ? t`10 ml to 1 L.`
      : undefined;
  const there = ml.ok && !sampleFault && portion.ok;
  const scaled = there ? scaledDose(portion.value, ml.value, liquidMl) : null;
  const take = () => {
    if (!there) return;
    const { grams, ml: poured, sugar } = portion.value;
    onDose({
      what,
      unit: poured === undefined ? 'grams' : 'ml',
      perLitre: Math.round(((poured ?? grams ?? 0) / ml.value) * 10_000) / 10,
      sugar,
    });
  };
  return (
    <View style={{ gap: gap.small }} testID="sample">
      <Text>{t`Weigh a small sample, dose it, taste. What tastes right goes to the bottles as strong.`}</Text>
      <Choice
        titled
        label={t`Dose of the sample`}
        options={options}
        value={what}
        onChange={(value) => (value === 'other' ? setPicking(true) : setWhat(value))}
      />
      {picking ? (
        <IngredientPicker
          usual={[]}
          label={t`What the sample gets`}
          onPick={(picked) => {
            setWhat(picked);
            setPicking(false);
          }}
        />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox label={t`Sample`} value={sample} onChange={setSample} hint="100 ml" error={sampleFault} />
        <TextBox
          label={t`Dosed with`}
          value={dose}
          onChange={setDose}
          hint={t`1 g or ¼ tsp`}
          error={portion.ok ? undefined : refusalWords(portion)}
        />
      </View>
      {scaled ? (
        <Text as="strong" live testID="sample-words">
          {t`As strong in a bottle of ${Math.round(liquidMl)} ml: ${portionWords(scaled)}.`}
        </Text>
      ) : null}
      <InkButton label={t`Dose the bottles so`} disabled={!there} onPress={take} />
    </View>
  );
}
