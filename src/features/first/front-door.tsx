import { View } from 'react-native';
import { waysToBegin } from '@/core/cultures/guides/registry';
import { Card } from '@/ui/controls/card';
import { atBase } from '@/ui/files/at-base';
import { InkButton } from '@/ui/controls/ink-button';
import { RowLink } from '@/ui/controls/row-link';
import { Rule } from '@/ui/controls/rule';
import { Text } from '@/ui/controls/text';
import { Jar } from '@/ui/drawings/jar';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { t } from '@/core/language/t';

const haves = waysToBegin.flatMap(({ way: { id, have } }) => (have ? [{ id, have }] : []));

/** The first start: what is there decides the way to a first glass. */
export function FrontDoor() {
  const roles = useRoles();
  return (
    <>
      <Card>
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
          <Jar
            jarMl={700}
            levelMl={430}
            markMl={430}
            liveliness={0.7}
            label={t`A jar of water, ginger and sugar`}
            litreHeight={110}
          />
          <View style={{ flex: 1, gap: gap.small }}>
            <Text
              as="heading"
              level={2}
              style={{ fontSize: 28, lineHeight: 32 }}
            >{t`What have you got?`}</Text>
            <Text>{t`Yuzet lays out the way from there to a first glass.`}</Text>
          </View>
        </View>
        <View>
          {haves.map(({ id, have }, i) => (
            <View key={id}>
              {i > 0 ? <Rule /> : null}
              <RowLink title={have} href={`/first?got=${id}`} />
            </View>
          ))}
        </View>
        <InkButton
          quiet
          label={t`Look around an invented kitchen first`}
          onPress={() => window.location.assign(atBase('?demo=1'))}
        />
      </Card>
      <Text
        color={roles.softText}
      >{t`Everything you write stays in this browser. No account, no network; a file you can save takes it anywhere.`}</Text>
    </>
  );
}
