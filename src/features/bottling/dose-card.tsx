import { useState } from 'react';
import { View } from 'react-native';
import { wishOf } from '@/core/bottling/carries';
import { cautionOf } from '@/core/settings/caution';
import { parseNumber } from '@/core/measures/parse-measure';
import { within } from '@/core/measures/portion-measure';
import { headspaceMl } from '@/core/vessels/bottle-shape';
import type { JarNow } from '@/core/forecast/answer/jar-now';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Ruler } from '@/ui/controls/ruler';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { leftWords, neededGrams, needWords, wishWords } from '@/words/bottles/bottling-words';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { TypedValue } from '../forms/typed-value';
import { DoseTurn } from './dose-turn';
import { SampleBox } from './sample-box';
import type { Dose, TableState, Worktable } from './table-state';
import { t } from '@/core/language/t';

const fizzes = [
  { value: 1.5, label: t`Soft 1.5` },
  { value: 2, label: t`Gentle 2` },
  { value: 2.5, label: t`Lively 2.5` },
  { value: 3, label: t`Sharp 3` },
] as const;

interface Props {
  readonly state: TableState;
  readonly table: Worktable;
  readonly jar: JarNow;
  readonly batchMl: number;
  readonly onState: (change: Partial<TableState>) => void;
}

/** What goes into every bottle, counted from what the first ferment left; and how far under the rim. */
export function DoseCard({ state, table, jar, batchMl, onState }: Props) {
  const roles = useRoles();
  const [trying, setTrying] = useState(false);
  const first = table.rows[0];
  const liquidMl = first ? first.bottle.ml - first.headspaceMl : 480;
  const needed = neededGrams(state.wantedVolumes, jar);
  const caution = cautionOf(useAppSelector(selectHousehold));
  const wish = wishWords(
    wishOf(
      state.wantedVolumes,
      table.rows.map(({ bottle }) => bottle.kind),
      caution,
    ),
  );
  const setDose = (dose: Dose) =>
    onState({ doses: [...state.doses.filter(({ what }) => what !== dose.what), dose] });
  const nearest = fizzes.find(({ value }) => value === state.wantedVolumes)?.value ?? null;
  return (
    <Card label={t`What goes in`} testID="dose-card">
      <Text as="subheading" level={2}>{t`What goes in`}</Text>
      <Text testID="left-line">{leftWords(jar)}</Text>
      <Choice
        titled
        label={t`Fizz wanted, vol`}
        options={fizzes}
        value={nearest}
        onChange={(wantedVolumes) => onState({ wantedVolumes })}
      />
      <Text as="strong" live testID="need-line">
        {needWords(state.wantedVolumes, jar)}
      </Text>
      {wish ? <Text testID="wish-line">{wish}</Text> : null}
      {needed > 0.05 ? (
        <InkButton
          quiet
          label={t`Prime with ${needed.toFixed(1)} g/L of sugar`}
          onPress={() =>
            setDose({ what: 'white-sugar', perLitre: Math.round(needed * 10) / 10, unit: 'grams' })
          }
        />
      ) : null}
      <Choice
        titled
        label={t`Where it goes in`}
        options={[
          { value: 'each', label: t`Into each bottle` },
          { value: 'jar', label: t`Stirred into the whole jar` },
        ]}
        value={state.primed ? 'jar' : 'each'}
        onChange={(where) => onState({ primed: where === 'jar' })}
      />
      <DoseTurn
        label={state.primed ? t`Into the jar` : t`Into each bottle`}
        doses={state.doses}
        liquidMl={state.primed ? batchMl : liquidMl}
        into={state.primed ? 'jar' : 'bottle'}
        onDoses={(doses) => onState({ doses })}
      />
      {state.primed && state.doses.length > 0 ? (
        <Text
          color={roles.softText}
        >{t`Dissolve it in a little of the drink, stir gently, and fill at once: all bottles alike.`}</Text>
      ) : null}
      {trying ? (
        <SampleBox
          liquidMl={liquidMl}
          doses={state.doses}
          onDose={(dose) => {
            setDose(dose);
            setTrying(false);
          }}
        />
      ) : (
        <InkButton quiet label={t`Try a dose in a small sample`} onPress={() => setTrying(true)} />
      )}
      <View style={{ gap: 4 }}>
        <Text as="strong">{t`Headspace`}</Text>
        <Ruler
          label={t`Turn headspace`}
          value={state.headspaceCm}
          step={0.5}
          min={1.5}
          max={9}
          format={(cm) => t`${cm} cm under the rim`}
          onTurn={(headspaceCm) => onState({ headspaceCm })}
        />
        <TypedValue
          label={t`Headspace, cm`}
          hint={t`From the drink to the rim`}
          value={state.headspaceCm}
          format={String}
          read={(text) => within(parseNumber(text.replace(/\s*cm\s*$/i, '')), 1.5, 9, 'cm')}
          onValue={(headspaceCm) => onState({ headspaceCm })}
        />
        <Text live testID="headspace-words">
          {first
            ? t`${state.headspaceCm} cm under the rim: ${Math.round(first.headspaceMl)} ml stay empty of ${Math.round(first.bottle.ml)}.${headspaceMl(first.bottle.kind, first.bottle.ml, state.headspaceCm) < first.headspaceMl - 0.5 ? t` No less: 2 % must give way when it warms.` : ''}`
            : t`${state.headspaceCm} cm under the rim.`}
        </Text>
        <Text
          color={roles.softText}
        >{t`Makers leave two to five: too little gushes, a lot wastes fizz and lets the air sour it.`}</Text>
      </View>
    </Card>
  );
}
