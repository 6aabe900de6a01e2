import { refusalWords } from '@/words/refusals';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { WayToBegin } from '@/core/cultures/guides/guide';
import { sedimentId } from '@/core/cultures/registry';
import { everyLot, lotOf } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import { pitchOf } from '@/core/lots/pitch';
import { targetLotId } from '@/core/lots/transfer';
import { liquidMl } from '@/core/matter/contents';
import { volumeTyped } from '@/core/measures/portion-measure';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { TextBox } from '@/ui/controls/text-box';
import { lotName } from '@/words/names';
import { chosenWay } from './begin-form';
import { useAct } from '../../acts/act-context';
import { t } from '@/core/language/t';

/** A jar begun with a part of a batch that is there: a cup of it, or its sediment. */
export function BeginPart({ way }: { readonly way: WayToBegin }) {
  const act = useAct();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const { culture, keeping } = { ...chosenWay(way.id), keeping: chosenWay(way.id).culture.keeping! };
  const sediment = culture.id === sedimentId;
  const find = (id: string) => lotOf(household, id);
  const batches = everyLot(household).filter(
    (lot) =>
      lot.role !== 'starter' &&
      liquidMl(lot.contents) > 30 &&
      (isLiving(lot) || lot.role === 'bottle') &&
      !lot.ended &&
      (lot.role === 'bottle' || pitchOf(lot, find) !== null),
  );
  const [chosen, setChosen] = useState(batches[0]?.id ?? '');
  const [amount, setAmount] = useState(sediment ? '50 ml' : '1 cup');
  const [name, setName] = useState('');
  const typed = volumeTyped(amount, 'ml');
  const batch = find(chosen);
  if (batches.length === 0)
    return (
      <Note tone="caution">{t`Nothing ferments now that a part could be taken of: begin another kind, or come back with the next batch.`}</Note>
    );
  const there = batch ? liquidMl(batch.contents) : 0;
  const fault = !typed.ok
    ? refusalWords(typed)
    : typed.value < 20
      ? t`At least 20 ml.`
      : typed.value > there
        ? t`There are ${Math.round(there)} ml in it.`
        : null;
  const save = () => {
    if (!typed.ok || !batch) return;
    const begin = {
      role: 'starter' as const,
      name:
        name.trim() || t`${sediment ? t`Sediment` : t`A cup`} of ${lotName(batch, household)}`.slice(0, 80),
      vessel: { kind: 'jar' as const, ml: Math.max(100, Math.ceil((typed.value * 1.3) / 50) * 50) },
      closure: keeping.closure,
      place: way.place,
      culture: culture.id,
    };
    const entry = act(
      {
        kind: 'transferred',
        from: batch.id,
        taken: sediment ? 'sediment' : 'liquid',
        targets: [{ ml: typed.value, begin }],
      },
      t`${begin.name} is kept.`,
    );
    if (entry) router.replace(`/starters/${targetLotId(entry.id, 0)}`);
  };
  return (
    <>
      <Choice
        titled
        label={t`Of which batch?`}
        options={batches.map((lot) => ({ value: lot.id, label: lotName(lot, household) }))}
        value={chosen}
        onChange={setChosen}
      />
      <TextBox
        label={t`How much`}
        value={amount}
        onChange={setAmount}
        echo={typed.ok ? t`= ${Math.round(typed.value)} ml` : undefined}
        error={fault ?? undefined}
      />
      <TextBox label={t`Name`} value={name} onChange={setName} hint={t`Left empty: named after its batch`} />
      <Note tone="caution">{keeping.caution}</Note>
      <InkButton label={t`Keep it`} disabled={fault !== null || !batch} onPress={save} />
    </>
  );
}
