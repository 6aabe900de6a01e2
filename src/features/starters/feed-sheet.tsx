import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { usualFeed } from '@/core/starter/draw-plan';
import { feedRise, gingerBug } from '@/core/starter/ginger-bug';
import type { StarterState } from '@/core/starter/starter-state';
import { Field } from '@/ui/controls/field';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { massField, volumeField } from '../forms/measure-field';
import { useAct } from '../shell/act-context';

interface Props {
  readonly starter: StarterState;
  readonly onClose: () => void;
}

const feedForm = (starter: StarterState) =>
  z
    .object({
      ginger: massField('ginger', 0, 2000),
      sugar: massField('sugar', 0, 2000),
      water: volumeField(0, 20_000),
    })
    .superRefine(({ ginger, water }, context) => {
      const level = starter.levelMl + water + ginger * feedRise;
      const most = starter.jarMl * gingerBug.fullestShare;
      if (level > Math.max(most, starter.levelMl + 1)) {
        context.addIssue({
          code: 'custom',
          path: ['water'],
          message: `That makes ${Math.round(level)} ml; a ${starter.jarMl} ml jar foams over above ${Math.round(most)} ml.`,
        });
      }
    });

/** A feed with other amounts than the usual, in grams or spoons. */
export function FeedSheet({ starter, onClose }: Props) {
  const act = useAct();
  const usual = usualFeed(starter);
  const schema = feedForm(starter);
  const { control, handleSubmit } = useForm<z.input<typeof schema>, unknown, z.output<typeof schema>>({
    resolver: zodResolver(schema),
    defaultValues: {
      ginger: `${usual.gingerGrams} g`,
      sugar: `${usual.sugarGrams} g`,
      water: `${usual.waterMl} ml`,
    },
  });
  const save = handleSubmit(({ ginger, sugar, water }) => {
    act(
      {
        kind: 'fed',
        starterId: starter.id,
        gingerGrams: round(ginger),
        sugarGrams: round(sugar),
        waterMl: round(water),
      },
      `Fed ${starter.name}.`,
    );
    onClose();
  });
  return (
    <Sheet title={`Feed ${starter.name}`} onClose={onClose}>
      <Field control={control as never} name="ginger" label="Ginger" hint="12 g, 2 tbsp grated" />
      <Field control={control as never} name="sugar" label="Sugar" hint="12 g, 1 tbsp" />
      <Field control={control as never} name="water" label="Water" hint="0 ml keeps it a dry feed" />
      <InkButton label="Fed" onPress={() => void save()} />
    </Sheet>
  );
}

const round = (value: number) => Math.round(value * 10) / 10;
