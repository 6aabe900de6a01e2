import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { freeId } from '@/core/recipes/recipe-versions';
import { parseNumber } from '@/core/measures/parse-measure';
import { volumeTyped } from '@/core/measures/portion-measure';
import { bottleIds, holdsFizz, vesselKind, type VesselId } from '@/core/vessels/vessel-kinds';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { refusedWords } from '@/words/bottles/bottling-words';
import { useAct } from '../acts/act-context';
import { dayMs } from '@/core/duration';
import { t } from '@/core/language/t';

const ages = [
  { value: 0, label: t`New` },
  { value: 2, label: t`1–3 years` },
  { value: 5, label: t`4–7 years` },
  { value: 10, label: t`Older` },
  { value: -1, label: t`Nobody knows` },
] as const;
const yearMs = 365.25 * dayMs;

interface Props {
  readonly taken: readonly string[];
  readonly now: number;
  readonly onDone: () => void;
}

/** A make of bottle or jar that the household has: kind, size, how many, how old. */
export function AddMake({ taken, now, onDone }: Props) {
  const act = useAct();
  const [kind, setKind] = useState<VesselId>('swing-top');
  const [size, setSize] = useState('500 ml');
  const [count, setCount] = useState('6');
  const [age, setAge] = useState<(typeof ages)[number]['value']>(-1);
  const [tried, setTried] = useState(false);
  const ml = volumeTyped(size, 'ml');
  const many = parseNumber(count);
  const sizeFault = !ml.ok
    ? refusalWords(ml)
    : ml.value < 50 || ml.value > 5000
      ? t`Between 50 ml and 5 L.`
      : undefined;
  const countFault =
    Number.isInteger(many) && many >= 1 && many <= 200 ? undefined : t`A whole number, 1 to 200.`;
  const save = () => {
    setTried(true);
    if (!ml.ok || sizeFault || countFault) return;
    const key = freeId(`${kind}-${Math.round(ml.value)}`, taken);
    const since = age < 0 ? null : now - age * yearMs;
    act(
      {
        kind: 'kept',
        thing: 'stock',
        key,
        value: { kind, ml: ml.value, count: many, since, knocks: 0, markedBar: null },
      },
      t`${many} of ${vesselKind(kind).name.toLowerCase()}, ${size.trim()}, are of the kitchen.`,
    );
    onDone();
  };
  return (
    <View style={{ gap: gap.small }} testID="add-make">
      <Choice
        label={t`Kind of bottle`}
        options={bottleIds.map((id) => ({ value: id, label: vesselKind(id).name }))}
        value={kind as (typeof bottleIds)[number]}
        onChange={setKind}
      />
      {holdsFizz(kind) ? (
        <Text>{t`${vesselKind(kind).note} Good for ${vesselKind(kind).limitBar} bar over the air outside by careful practice; a lower mark on it goes first.`}</Text>
      ) : (
        <Note tone="caution">{refusedWords(kind)}</Note>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox
          label={t`Size`}
          value={size}
          onChange={setSize}
          hint="500 ml"
          error={tried ? sizeFault : undefined}
          errorId="error-size"
        />
        <TextBox
          label={t`How many`}
          value={count}
          onChange={setCount}
          numeric
          error={tried ? countFault : undefined}
          errorId="error-count"
        />
      </View>
      <Choice label={t`How old`} options={ages} value={age} onChange={setAge} />
      <InkButton label={t`Mine now`} onPress={save} />
    </View>
  );
}
