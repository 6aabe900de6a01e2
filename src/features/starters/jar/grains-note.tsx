import { useState } from 'react';
import { View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { keptCulture } from '@/core/starter/feed-plan';
import { surplusOf } from '@/core/starter/jar-history';
import { grainsOf } from '@/core/starter/renewal';
import { secondJar } from '@/core/starter/second-jar';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Press } from '@/ui/controls/press';
import { Icon } from '@/ui/icons/icon';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { portionWords } from '@/words/amounts';
import { grainsWords, spooned, surplusWords } from '@/words/starters/grains-words';
import { useAct } from '../../acts/act-context';
import { t } from '@/core/language/t';

/** How many grains there are, how fast they grow, when they are too many, and what became of those taken off. */
export function GrainsNote({ lot }: { readonly lot: Lot }) {
  const count = grainsOf(lot);
  if (!count) return null;
  const surplus = surplusWords(surplusOf(lot));
  return (
    <Card label={t`Grains`}>
      <Text testID="grains">{grainsWords(count)}</Text>
      {count.splitGrams === null ? null : (
        <Note tone="caution" testID="split">
          {t`Grains crowd each other and starve: take ${spooned(count.splitGrams)} of them off. Start a second jar, give, dry or eat them.`}
        </Note>
      )}
      {count.driedGrams > 0 ? null : (
        <TakeOff
          lot={lot}
          suggested={count.splitGrams ?? Math.max(5, Math.round(count.grams / 4 / 5) * 5)}
          most={count.grams}
        />
      )}
      {surplus ? <Text testID="surplus">{surplus}</Text> : null}
    </Card>
  );
}

const uses = [
  { gone: 'given', label: t`Given away` },
  { gone: 'dried', label: t`Dried` },
  { gone: 'eaten', label: t`Eaten` },
] as const;

/** Grains taken off, and what for: an amount by steps of five grams, and one tap. */
function TakeOff({
  lot,
  suggested,
  most,
}: {
  readonly lot: Lot;
  readonly suggested: number;
  readonly most: number;
}) {
  const act = useAct();
  const roles = useRoles();
  const [grams, setGrams] = useState(suggested);
  const solid = keptCulture(lot)!.keeping.begin.body;
  const step = (by: number) => setGrams(Math.max(5, Math.min(Math.floor(most / 5) * 5, grams + by)));
  const take = (target: object, said: string) =>
    act({ kind: 'transferred', from: lot.id, taken: 'solids', solid, targets: [{ grams, ...target }] }, said);
  const begins = () => {
    const second = secondJar(lot, grams);
    if (!second) return;
    const begin = {
      role: 'starter' as const,
      name: t`${lot.name}, second jar`.slice(0, 80),
      vessel: { kind: 'jar' as const, ml: second.jarMl },
      closure: lot.closure,
      place: lot.place,
      culture: lot.culture,
    };
    take({ begin, portions: [...second.portions] }, t`${begin.name} has begun.`);
  };
  return (
    <View style={{ gap: gap.small }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: gap.medium }}>
        <Text as="strong" style={{ flex: 1 }}>
          {t`Take off ${portionWords({ what: solid, grams })}`}
        </Text>
        <Press
          role="button"
          aria-label={t`Five grams less`}
          onPress={() => step(-5)}
          style={{ alignItems: 'center' }}
        >
          <Icon name="minus" color={roles.text} />
        </Press>
        <Press
          role="button"
          aria-label={t`Five grams more`}
          onPress={() => step(5)}
          style={{ alignItems: 'center' }}
        >
          <Icon name="plus" color={roles.text} />
        </Press>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton quiet label={t`Second jar`} onPress={begins} />
        {uses.map(({ gone, label }) => (
          <InkButton
            key={gone}
            quiet
            label={label}
            onPress={() => void take({ gone }, `${grams} g: ${label.toLowerCase()}.`)}
          />
        ))}
      </View>
    </View>
  );
}
