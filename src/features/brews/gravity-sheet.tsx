import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import type { BatchState } from '@/core/brew/batch-state';
import { abvByMassBalance, abvByRule131, abvByRule7_5 } from '@/core/sugar/alcohol';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { numberField } from '../forms/measure-field';
import { useAct } from '../shell/act-context';

/** Hydrometers are read as 1.034 or as 1034. */
const gravityField = z
  .string()
  .transform((text) => (/^\s*1\d{3}\s*$/.test(text) ? String(Number(text) / 1000) : text))
  .pipe(numberField(0.98, 1.2, 'SG'));
const schema = z.object({ gravity: gravityField });

interface Props {
  readonly batch: BatchState;
  readonly onClose: () => void;
}

/** A hydrometer reading, and what it says of the alcohol so far. */
export function GravitySheet({ batch, onClose }: Props) {
  const act = useAct();
  const roles = useRoles();
  const { control, handleSubmit } = useForm<z.input<typeof schema>, unknown, z.output<typeof schema>>({
    resolver: zodResolver(schema),
    defaultValues: { gravity: '' },
  });
  const typed = schema.safeParse({ gravity: useWatch({ control, name: 'gravity' }) ?? '' });
  const og = batch.account.gravity;
  const save = handleSubmit(({ gravity }) => {
    act({ kind: 'gravity-read', batchId: batch.id, gravity }, `Gravity ${gravity.toFixed(3)} noted.`);
    onClose();
  });
  return (
    <Sheet title="Gravity" onClose={onClose}>
      <Field
        control={control as never}
        name="gravity"
        label="Specific gravity"
        numeric
        hint={`It began near ${og.toFixed(3)}. Drive the gas off first: stir, wait, read.`}
      />
      {typed.success ? (
        <Text color={roles.softText}>
          {`About ${Math.max(0, abvByMassBalance(og, typed.data.gravity)).toFixed(1)} % alcohol by mass balance; the two rules of thumb say ${Math.max(0, abvByRule131(og, typed.data.gravity)).toFixed(1)} and ${Math.max(0, abvByRule7_5(og, typed.data.gravity)).toFixed(1)} %.`}
        </Text>
      ) : null}
      <InkButton label="Note it" onPress={() => void save()} />
    </Sheet>
  );
}
