import { useState } from 'react';
import { View } from 'react-native';
import { scaledDose } from '@/core/bottling/charge';
import { portionTyped, volumeTyped } from '@/core/measures/portion-measure';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { portionWords } from '@/words/amounts';
import { doseKinds } from './dose-turn';
import type { Dose } from './table-state';

const tryable = doseKinds
  .filter(({ value }) => value !== 'none')
  .map(({ value, label }) => ({ value, label }));

interface Props {
  readonly liquidMl: number;
  readonly onDose: (dose: Dose) => void;
}

/** A dose tried in a weighed sample and tasted, then as strong in the bottle. */
export function SampleBox({ liquidMl, onDose }: Props) {
  const [what, setWhat] = useState<(typeof tryable)[number]['value']>('white-sugar');
  const [sample, setSample] = useState('100 ml');
  const [dose, setDose] = useState('1 g');
  const ml = volumeTyped(sample, 'ml');
  const portion = portionTyped(what, dose);
  const sampleFault = !ml.ok ? ml.sentence : ml.value < 10 || ml.value > 1000 ? '10 ml to 1 L.' : undefined;
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
      <Text>Weigh a small sample, dose it, taste. What tastes right goes to the bottles as strong.</Text>
      <Choice titled label="Dose of the sample" options={tryable} value={what} onChange={setWhat} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox label="Sample" value={sample} onChange={setSample} hint="100 ml" error={sampleFault} />
        <TextBox
          label="Dosed with"
          value={dose}
          onChange={setDose}
          hint="1 g, 1/4 tsp"
          error={portion.ok ? undefined : portion.sentence}
        />
      </View>
      {scaled ? (
        <Text as="strong" live testID="sample-words">
          {`As strong in a bottle of ${Math.round(liquidMl)} ml: ${portionWords(scaled)}.`}
        </Text>
      ) : null}
      <InkButton label="Dose the bottles so" disabled={!there} onPress={take} />
    </View>
  );
}
