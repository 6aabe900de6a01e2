import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { MakeInUse } from '@/core/bottling/empty-bottles';
import { holdsFizz, vesselKind } from '@/core/vessels/vessel-kinds';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { AddMake } from './add-make';
import type { TableState } from './table-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: TableState;
  readonly makes: readonly MakeInUse[];
  readonly remarks: readonly string[];
  readonly now: number;
  readonly onMore: (make: MakeInUse) => void;
  readonly onLess: (make: MakeInUse) => void;
  readonly onPick: () => void;
}

/** Which bottles: those of the kitchen that stand empty, one more or less by a tap, or as Yuzet would. */
export function MakesCard({ state, makes, remarks, now, onMore, onLess, onPick }: Props) {
  const roles = useRoles();
  const router = useRouter();
  const [adding, setAdding] = useState(makes.length === 0);
  return (
    <Card label={t`Which bottles`} testID="makes">
      <Text as="subheading" level={2}>{t`Which bottles`}</Text>
      {makes.map((each) => {
        const { make, empty } = each;
        const used = state.bottles.filter(({ stock }) => stock === make.key).length;
        const sound = holdsFizz(make.kind);
        const name = t`${vesselKind(make.kind).name}, ${Math.round(make.ml)} ml`;
        return (
          <View key={make.key} style={{ flexDirection: 'row', alignItems: 'center', gap: gap.small }}>
            <View style={{ flex: 1, minWidth: 0 }}>
              <Text as="strong">{name}</Text>
              <Text color={roles.softText}>
                {t`${empty} empty, ${used} taken${sound ? '' : t`; lid loose only`}`}
              </Text>
            </View>
            <InkButton
              quiet
              label="−"
              hint={t`One less: ${name}`}
              disabled={used === 0}
              onPress={() => onLess(each)}
            />
            <InkButton
              quiet
              label="+"
              hint={t`One more: ${name}`}
              disabled={used >= empty}
              onPress={() => onMore(each)}
            />
          </View>
        );
      })}
      {remarks.map((words) => (
        <Note key={words} tone="caution">
          {words}
        </Note>
      ))}
      {adding ? (
        <AddMake taken={makes.map(({ make }) => make.key)} now={now} onDone={() => setAdding(false)} />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        {makes.length > 0 ? (
          <InkButton
            quiet
            label={t`Pick for me`}
            hint={t`Pick the bottles that leave least over`}
            onPress={onPick}
          />
        ) : null}
        {adding ? null : <InkButton quiet label={t`Other bottles`} onPress={() => setAdding(true)} />}
        {makes.length > 0 ? (
          <InkButton quiet label={t`Bottles you own`} onPress={() => router.navigate('/bottles')} />
        ) : null}
      </View>
    </Card>
  );
}
