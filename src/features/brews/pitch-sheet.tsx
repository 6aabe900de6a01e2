import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import type { BatchState } from '@/core/brew/batch-state';
import { pitchCheck } from '@/core/brew/pitch-check';
import { mostDrawableMl, planDraw } from '@/core/starter/draw-plan';
import type { StarterState } from '@/core/starter/starter-state';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { numberField, volumeField } from '../forms/measure-field';
import { useAct } from '../shell/act-context';

interface Props {
  readonly batch: BatchState;
  readonly starter: StarterState | undefined;
  readonly onClose: () => void;
}

const pitchForm = (starter: StarterState | undefined) =>
  z.object({
    celsius: numberField(0, 100, '°C').transform((celsius, context) => {
      const check = pitchCheck(celsius);
      if (check.ok) return celsius;
      context.addIssue({ code: 'custom', message: check.sentence });
      return z.NEVER;
    }),
    dose: volumeField(0, 20_000).transform((dose, context) => {
      const plan = starter ? planDraw(starter, dose) : null;
      if (!plan || plan.ok) return dose;
      context.addIssue({ code: 'custom', message: plan.sentence });
      return z.NEVER;
    }),
  });

/** Pitching: how warm the base is, how much is drawn. */
export function PitchSheet({ batch, starter, onClose }: Props) {
  const act = useAct();
  const schema = pitchForm(starter);
  const { control, handleSubmit } = useForm<z.input<typeof schema>, unknown, z.output<typeof schema>>({
    resolver: zodResolver(schema),
    defaultValues: { celsius: '', dose: `${Math.round(batch.doseMl)} ml` },
  });
  const typed = Number(String(useWatch({ control, name: 'celsius' })).replace(',', '.'));
  const check = Number.isFinite(typed) && typed > 0 ? pitchCheck(typed) : null;
  const save = handleSubmit(({ celsius, dose }) => {
    act(
      { kind: 'pitched', batchId: batch.id, celsius, doseMl: Math.round(dose) },
      `${batch.name} is pitched.`,
    );
    onClose();
  });
  return (
    <Sheet title={`Pitch ${batch.name}`} onClose={onClose}>
      <Field
        control={control as never}
        name="celsius"
        label="Temperature of the base, °C"
        numeric
        hint="Below 30 °C before anything alive goes in"
      />
      {check?.ok && check.value.warn ? <Note tone="caution">{check.value.warn}</Note> : null}
      {check && !check.ok ? <Note tone="danger">{check.sentence}</Note> : null}
      <Field
        control={control as never}
        name="dose"
        label="Drawn from the starter"
        hint={starter ? `${starter.name} can give ${mostDrawableMl(starter)} ml now` : undefined}
      />
      <Text>Stir it in. Lemon or lime, if any, goes in now: sour early is safer.</Text>
      <InkButton label="Pitched" onPress={() => void save()} />
    </Sheet>
  );
}
