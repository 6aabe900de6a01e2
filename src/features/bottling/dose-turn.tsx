import { View } from 'react-native';
import { Choice } from '@/ui/controls/choice';
import { Ruler } from '@/ui/controls/ruler';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { portionWords } from '@/words/amounts';
import { dosePortion, type Dose } from './table-state';

/** What is usual in a bottle, each with where its scale begins: for a litre. */
export const doseKinds = [
  { value: 'none', label: 'Nothing' },
  { value: 'white-sugar', label: 'Sugar', perLitre: 6, unit: 'grams', step: 0.5 },
  { value: 'honey', label: 'Honey', perLitre: 8, unit: 'grams', step: 0.5 },
  { value: 'pear-juice', label: 'Pear juice', perLitre: 150, unit: 'ml', step: 5 },
  { value: 'cherry-juice', label: 'Cherry juice', perLitre: 150, unit: 'ml', step: 5 },
  { value: 'raspberry-puree', label: 'Raspberry purée', perLitre: 70, unit: 'grams', step: 5 },
  { value: 'plum-puree', label: 'Plum purée', perLitre: 70, unit: 'grams', step: 5 },
] as const;
type DoseKind = (typeof doseKinds)[number]['value'];

const kindOf = (what: string) => doseKinds.find(({ value }) => value === what);

interface Props {
  readonly label: string;
  readonly dose: Dose | null;
  /** The bottle the amount is said for, ml of liquid. */
  readonly liquidMl: number;
  readonly onDose: (dose: Dose | null) => void;
}

/** A dose in hand: what, and how much in this bottle, drawn along a scale. */
export function DoseTurn({ label, dose, liquidMl, onDose }: Props) {
  const kind = dose ? kindOf(dose.what) : null;
  const step = kind && 'step' in kind ? kind.step : 0.5;
  const pick = (value: DoseKind) => {
    const next = kindOf(value);
    onDose(next && 'unit' in next ? { what: next.value, perLitre: next.perLitre, unit: next.unit } : null);
  };
  return (
    <View style={{ gap: gap.small }}>
      <Choice
        titled
        label={label}
        options={doseKinds.map(({ value, label: words }) => ({ value, label: words }))}
        value={(dose?.what ?? 'none') as DoseKind}
        onChange={pick}
      />
      {dose ? (
        <>
          <Ruler
            label={`Turn ${ingredientOf(dose.what).name}`}
            value={dose.perLitre}
            step={step}
            min={0}
            max={dose.unit === 'ml' ? 400 : 120}
            format={(value) => `${value} ${dose.unit === 'ml' ? 'ml' : 'g'} a litre`}
            onTurn={(perLitre) => onDose({ ...dose, perLitre })}
          />
          <Text live testID="dose-words">
            {`${portionWords(dosePortion(dose, liquidMl))} into ${Math.round(liquidMl)} ml, ${Number(dose.perLitre.toFixed(1))} ${dose.unit === 'ml' ? 'ml' : 'g'} a litre`}
          </Text>
        </>
      ) : null}
    </View>
  );
}
