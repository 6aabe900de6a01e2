import { grainsBack } from '@/core/brew/grains-back';
import { lotOf } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import type { ActOf } from '@/core/journal/entry';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { grams, portionsWords } from '@/words/amounts';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** Grains that ferment in a brew go home the minute it is strained: into fresh sugar water. */
export function GrainsHome({ lot }: { readonly lot: Lot }) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const pitch = pitchOf(lot, (id) => lotOf(household, id));
  const back = grainsBack(lot, pitch?.culture.id ?? null);
  if (!pitch || !back) return null;
  const from = pitch.fromLotId;
  const jar = from ? lotOf(household, from) : undefined;
  const home = jar && isLiving(jar) && jar.role === 'starter' ? jar : null;
  const name = home?.name ?? t`${lot.name}, its grains`.slice(0, 80);
  const target: ActOf<'transferred'>['targets'][number] = home
    ? { lotId: home.id }
    : {
        begin: {
          role: 'starter',
          name,
          vessel: { kind: 'jar', ml: Math.ceil((back.grams / 50) * 1.5) * 1000 },
          closure: 'cloth',
          place: 'counter',
          culture: pitch.culture.id,
        },
      };
  const go = () =>
    act(
      {
        kind: 'transferred',
        from: lot.id,
        taken: 'solids',
        solid: back.solid,
        targets: [{ ...target, grams: back.grams, portions: [...back.portions] }],
      },
      t`The grains of ${lot.name} are in fresh sugar water.`,
    );
  return (
    <Card label={t`Its grains`} testID="grains-home">
      <Text as="subheading" level={2}>{t`Its grains`}</Text>
      <Text>{t`${grams(Math.round(back.grams))} of grains lie in it. When it tastes right, strain them out in plastic. Put them the same minute into ${portionsWords(back.portions)}, in ${home ? t`${name}’s jar` : t`a jar of their own`}.`}</Text>
      <InkButton
        quiet
        label={t`Grains are home`}
        hint={t`Grains of ${lot.name} into fresh sugar water`}
        onPress={go}
      />
    </Card>
  );
}
