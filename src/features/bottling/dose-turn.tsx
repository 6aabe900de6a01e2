import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { portionTyped } from '@/core/measures/portion-measure';
import { ChipRow } from '@/ui/controls/chip-row';
import { Press } from '@/ui/controls/press';
import { Ruler } from '@/ui/controls/ruler';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { Icon } from '@/ui/icons/icon';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { amountOf, portionWords } from '@/words/amounts';
import { IngredientPicker } from '../forms/ingredient-picker';
import { doseKinds, otherPicks, usualDose } from './dose-kinds';
import { dosePortion, type Dose } from './table-state';
import { t } from '@/core/language/t';

interface Props {
  readonly label: string;
  readonly doses: readonly Dose[];
  /** The bottle, or the jar, the amounts are said for, ml of liquid. */
  readonly liquidMl: number;
  readonly into: 'bottle' | 'jar';
  readonly onDoses: (doses: readonly Dose[]) => void;
}

/** What is dosed: any ingredients, each typed for this bottle in grams, ml, spoons or cups, or drawn along a scale. */
export function DoseTurn({ label, doses, liquidMl, into, onDoses }: Props) {
  const [picking, setPicking] = useState(false);
  const has = (what: string) => doses.some((dose) => dose.what === what);
  const others = doses.filter(({ what }) => !doseKinds.some(({ value }) => value === what));
  const add = (what: string) => {
    setPicking(false);
    if (!has(what)) onDoses([...doses, usualDose(what)]);
  };
  const leave = (what: string) => onDoses(doses.filter((dose) => dose.what !== what));
  return (
    <View style={{ gap: gap.small }}>
      <Text as="strong">{label}</Text>
      <ChipRow
        label={label}
        pick="any"
        options={[
          { value: 'none', label: t`Nothing` },
          ...doseKinds.map(({ value, label: words }) => ({ value: value as string, label: words })),
          ...others.map(({ what }) => ({ value: what, label: ingredientOf(what).name })),
          { value: 'other', label: t`Something else` },
        ]}
        isOn={(value) => (value === 'none' ? doses.length === 0 : value === 'other' ? picking : has(value))}
        onPress={(value) =>
          value === 'none'
            ? onDoses([])
            : value === 'other'
              ? setPicking(!picking)
              : has(value)
                ? leave(value)
                : add(value)
        }
      />
      {picking ? (
        <IngredientPicker usual={otherPicks.filter((what) => !has(what))} onPick={add} label={t`What else`} />
      ) : null}
      {doses.map((dose) => (
        <OneDose
          key={dose.what}
          dose={dose}
          liquidMl={liquidMl}
          into={into}
          onDose={(next) => onDoses(doses.map((each) => (each === dose ? next : each)))}
          onLeave={() => leave(dose.what)}
        />
      ))}
    </View>
  );
}

interface OneProps {
  readonly dose: Dose;
  readonly liquidMl: number;
  readonly into: 'bottle' | 'jar';
  readonly onDose: (dose: Dose) => void;
  readonly onLeave: () => void;
}

function OneDose({ dose, liquidMl, into, onDose, onLeave }: OneProps) {
  const roles = useRoles();
  const [typed, setTyped] = useState<string | null>(null);
  const { name } = ingredientOf(dose.what);
  const poured = dose.unit === 'ml';
  const portion = dosePortion(dose, liquidMl);
  // The ruler counts what the field counts: what goes into this one.
  const here = (dose.perLitre * liquidMl) / 1000;
  const read = typed === null ? null : portionTyped(dose.what, typed);
  const write = (text: string) => {
    setTyped(text);
    const next = portionTyped(dose.what, text);
    if (!next.ok) return;
    const { ml, grams = 0 } = next.value;
    const unit = ml === undefined ? ('grams' as const) : ('ml' as const);
    onDose({ ...dose, unit, perLitre: ((ml ?? grams) / liquidMl) * 1000 });
  };
  return (
    <View style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', gap: gap.small, alignItems: 'flex-start' }}>
        <TextBox
          label={t`${name} in this ${into}`}
          value={typed ?? amountOf(portion)}
          onChange={write}
          hint={t`g, ml, spoons or cups`}
          error={read?.ok === false ? refusalWords(read) : undefined}
        />
        <Press
          role="button"
          aria-label={t`Leave out ${name}`}
          onPress={onLeave}
          style={{ marginTop: 26, alignItems: 'center' }}
        >
          <Icon name="close" color={roles.softText} />
        </Press>
      </View>
      <Ruler
        label={t`Turn ${name}`}
        value={here}
        step={poured || here > 40 ? 5 : 0.5}
        min={0}
        max={liquidMl / 2}
        format={() => amountOf(portion)}
        onTurn={(turned) => {
          setTyped(null);
          onDose({ ...dose, perLitre: (turned / liquidMl) * 1000 });
        }}
      />
      <Text live testID="dose-words">
        {t`${portionWords(portion)} into ${Math.round(liquidMl)} ml, ${Number(dose.perLitre.toFixed(1))} ${poured ? 'ml' : 'g'} a litre`}
      </Text>
    </View>
  );
}
