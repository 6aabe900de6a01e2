import { View } from 'react-native';
import type { Control } from 'react-hook-form';
import type { Lot } from '@/core/lots/lot';
import { bottlesOf } from '@/core/bottling/fill-plan';
import { potentialVolumes } from '@/core/gas/potential';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { mixedSugar, sugarLeft } from '@/core/forecast/question/living-liquid';
import { bottleIds, holdsFizz, vesselKind } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { number } from '@/words/amounts';
import { quarter } from '@/words/moment';
import { refusedWords } from '@/words/bottles/bottling-words';
import { rowEcho, volumeEcho } from '../forms/portion-form';
import { availableMl, readBottleSizes, type Poured, type PourValues } from './pour-form';
import { t } from '@/core/language/t';

interface Props {
  readonly control: Control<PourValues, unknown, Poured>;
  readonly typed: PourValues;
  readonly lot: Lot;
  readonly onSet: (field: keyof PourValues, value: string) => void;
}

const doses = ['white-sugar', 'honey', 'raspberry-puree', 'pear-juice'] as const;
const doseNames = {
  'white-sugar': t`Sugar`,
  honey: t`Honey`,
  'raspberry-puree': t`Purée`,
  'pear-juice': t`Juice`,
} as const;

/** Bottling: number, size, headspace, a dose for each, kind of bottle; with the cautions where the hand is. */
export function BottleFields({ control, typed, lot, onSet }: Props) {
  const kind = vesselKind(typed.vessel);
  const kitchen = liquidsOf(useAppSelector(selectHousehold));
  const left = sugarLeft(lot, kitchen, quarter(useNow())) ?? mixedSugar(lot, kitchen);
  return (
    <>
      <View style={{ flexDirection: 'row', gap: gap.medium, flexWrap: 'wrap' }}>
        <Field control={control} name="count" label={t`Bottles`} numeric hint={t`How many of these`} />
        <Field control={control} name="size" label={t`Size`} hint="500 ml" echo={volumeEcho('ml')} />
      </View>
      <View style={{ flexDirection: 'row', gap: gap.medium, flexWrap: 'wrap' }}>
        <Field
          control={control}
          name="headspace"
          label={t`Headspace`}
          hint={t`About 4 %, 2–5 cm of neck`}
          echo={volumeEcho('ml')}
        />
        <Field
          control={control}
          name="dose"
          label={t`Dose, each bottle`}
          hint={t`Nothing while it is still sweet`}
          echo={(amount) => rowEcho({ what: typed.doseOf, amount })}
        />
      </View>
      <Choice
        label={t`Dose of`}
        options={doses.map((value) => ({ value, label: doseNames[value] }))}
        value={typed.doseOf as (typeof doses)[number]}
        onChange={(what) => onSet('doseOf', what)}
      />
      <Text testID="fill-line">{fillLine(typed, lot, left)}</Text>
      <Choice
        label={t`Kind of bottle`}
        options={bottleIds.map((id) => ({ value: id, label: vesselKind(id).name }))}
        value={typed.vessel as (typeof bottleIds)[number]}
        onChange={(id) => onSet('vessel', id)}
      />
      {holdsFizz(typed.vessel) ? (
        <Text>{t`${kind.note} Working limit here: ${kind.limitBar} bar over the air outside; a lower mark on the bottle goes first.`}</Text>
      ) : (
        <Note tone="danger">{refusedWords(typed.vessel)}</Note>
      )}
      <Note tone="caution">{t`Pressure-rated bottles only, one soft plastic pilot beside the glass, in a covered box. Glasses on when one feels hard.`}</Note>
    </>
  );
}

/** How far the lot goes, and what all its sugar could do. */
function fillLine(typed: PourValues, lot: Lot, sugarGramsPerLitre: number): string {
  const sizes = readBottleSizes({ ...typed, count: '1' });
  if (!sizes.ok) return '';
  const there = availableMl(lot, typed.taken);
  const plan = bottlesOf(there, sizes.value.size, sizes.value.headspace);
  const left = Math.round(plan.leftMl);
  const potential = Math.round(potentialVolumes(sugarGramsPerLitre, 0));
  const fits = t`${(there / 1000).toFixed(2)} L fills ${plan.bottles} of these${left > 20 ? t`, ${number(left)} ml over` : ''}.`;
  return holdsFizz(typed.vessel)
    ? t`${fits} All the sugar left in it would burst any bottle (${potential} vol): only time, cold or dryness stops it.`
    : fits;
}
