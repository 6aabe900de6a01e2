import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import type { BatchState } from '@/core/brew/batch-state';
import { holdsFizz, vesselKind, vesselKinds } from '@/core/gas/vessels';
import { Choice } from '@/ui/controls/choice';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useAct } from '../shell/act-context';
import {
  bottlingDefaults,
  bottlingForm,
  fillLine,
  type BottlingInput,
  type BottlingOutput,
} from './bottling-form';

interface Props {
  readonly batch: BatchState;
  readonly onClose: () => void;
}

/** Bottling: kind, number, size, headspace, priming; with the cautions where the hand is. */
export function BottleSheet({ batch, onClose }: Props) {
  const act = useAct();
  const { control, handleSubmit, setValue } = useForm<BottlingInput, unknown, BottlingOutput>({
    resolver: zodResolver(bottlingForm(batch)),
    defaultValues: bottlingDefaults(batch),
  });
  const typed = useWatch({ control }) as BottlingInput;
  const kind = vesselKind(typed.vessel);
  const save = handleSubmit((value) => {
    act({ kind: 'bottled', batchId: batch.id, ...value }, `${batch.name} is bottled.`);
    onClose();
  });
  return (
    <Sheet title={`Bottle ${batch.name}`} onClose={onClose}>
      <Choice
        label="Kind of bottle"
        options={vesselKinds.map(({ id, name }) => ({ value: id, label: name }))}
        value={typed.vessel}
        onChange={(id) => setValue('vessel', id)}
      />
      {holdsFizz(typed.vessel) ? (
        <Text>{`${kind.note} Working limit here: ${kind.limitBar} bar over the air outside; a lower mark on the bottle goes first.`}</Text>
      ) : (
        <Note tone="danger">{`${kind.name}: not made for pressure, it can burst. Keep the lid loose and drink it still, or choose another bottle.`}</Note>
      )}
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <Field control={control as never} name="count" label="Bottles" numeric />
        <Field control={control as never} name="size" label="Size" hint="500 ml" />
      </View>
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <Field
          control={control as never}
          name="headspace"
          label="Headspace"
          hint="About 4 %, 2–5 cm of neck"
        />
        <Field
          control={control as never}
          name="priming"
          label="Priming, g/L"
          numeric
          hint="0 when it is still sweet"
        />
      </View>
      <Text testID="fill-line">{fillLine(typed, batch)}</Text>
      <Note tone="caution">
        Pressure-rated bottles only, one soft plastic pilot beside the glass, in a covered box. Glasses on
        when one feels hard.
      </Note>
      <InkButton label="Bottled" onPress={() => void save()} />
    </Sheet>
  );
}
