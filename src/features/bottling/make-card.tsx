import { View } from 'react-native';
import type { MakeInUse } from '@/core/bottling/empty-bottles';
import { wearOf } from '@/core/settings/wear-of-makes';
import { type Stock } from '@/core/settings/stock';
import { strengthOf, strengthSource, usedAtVolumes } from '@/core/vessels/strength';
import { holdsFizz, vesselKind } from '@/core/vessels/vessel-kinds';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Bottle } from '@/ui/drawings/bottle';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { refusedWords, strengthWords } from '@/words/bottles/bottling-words';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** One make: how many, how many full, how old, what it bears; a knock is noted and one that broke is taken off. */
export function MakeCard({ use, now }: { readonly use: MakeInUse; readonly now: number }) {
  const act = useAct();
  const roles = useRoles();
  const { make, full, empty } = use;
  const name = t`${vesselKind(make.kind).name}, ${Math.round(make.ml)} ml`;
  const wear = wearOf(make, now);
  const strength = strengthOf(make.kind, wear);
  const change = (value: Partial<Omit<Stock, 'key'>> | null, said: string) => {
    const { key, ...rest } = make;
    act({ kind: 'kept', thing: 'stock', key, value: value && { ...rest, ...value } }, said);
  };
  const limit = Math.min(vesselKind(make.kind).limitBar, make.markedBar ?? Infinity);
  return (
    <Card label={name} testID={`make-${make.key}`}>
      <View style={{ flexDirection: 'row', gap: gap.medium, alignItems: 'center', maxWidth: 440 }}>
        <Bottle
          bottleMl={make.ml}
          headspaceMl={make.ml}
          number={String(make.count)}
          volumes={0}
          plastic={make.kind === 'plastic-soda'}
          litreHeight={120}
          label=""
        />
        <View style={{ flex: 1, gap: 2, minWidth: 0 }}>
          <Text as="strong">{name}</Text>
          <Text>{t`${make.count} in all, ${full} full, ${empty} empty`}</Text>
          <Text color={roles.softText}>
            {`${make.since === null ? t`Age unknown, taken as five years` : wear.years < 1 ? t`New` : t`About ${wear.years} years in use`}${make.knocks > 0 ? t`, ${make.knocks} hard ${make.knocks === 1 ? t`knock` : t`knocks`}` : ''}.`}
          </Text>
        </View>
      </View>
      <Text>
        {holdsFizz(make.kind) && strength
          ? strengthWords(limit, strength, usedAtVolumes(make.kind))
          : refusedWords(make.kind)}
      </Text>
      {strength ? (
        <Text as="label" color={roles.softText}>{t`Source: ${strengthSource(make.kind)}.`}</Text>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          quiet
          label={t`One more`}
          hint={t`One more ${name}`}
          onPress={() => change({ count: make.count + 1 }, t`${make.count + 1} of ${name}.`)}
        />
        <InkButton
          quiet
          label={t`One broke`}
          hint={t`One ${name} broke or is given away`}
          onPress={() =>
            make.count <= 1
              ? change(null, t`${name}: none left.`)
              : change({ count: make.count - 1 }, t`${make.count - 1} of ${name} left.`)
          }
        />
        {strength ? (
          <InkButton
            quiet
            label={t`Had a knock`}
            hint={t`${name} had a hard knock`}
            onPress={() =>
              change({ knocks: make.knocks + 1 }, t`${name}: one hard knock more; it bears less now.`)
            }
          />
        ) : null}
      </View>
    </Card>
  );
}
