import { View } from 'react-native';
import { InkButton } from '@/ui/controls/ink-button';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Jar } from '@/ui/drawings/jar';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';

/** The first start: nothing here yet, and the one thing to do about it. */
export function FirstBug({ kind, onBegin }: { readonly kind: string; readonly onBegin: () => void }) {
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
            label="A jar of water, ginger and sugar"
            litreHeight={140}
          />
          <View style={{ flex: 1, gap: gap.small }}>
            <Text as="heading" level={2}>
              {`Begin a ${kind}`}
            </Text>
            <Text>
              A jar, water without chlorine, unpeeled ginger, sugar. In three to seven days it foams, and
              everything else starts from it.
            </Text>
          </View>
        </View>
        <InkButton label={`Begin a ${kind}`} onPress={onBegin} />
        <InkButton
          quiet
          label="Look around an invented kitchen first"
          onPress={() => window.location.assign('/?demo=1')}
        />
      </Card>
      <Text color={roles.softText}>
        Everything you write stays in this browser. No account, no network; a file you can save takes it
        anywhere.
      </Text>
    </>
  );
}
