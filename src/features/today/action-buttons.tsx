import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { Action } from '@/core/today/agenda';
import { InkButton } from '@/ui/controls/ink-button';
import { gap } from '@/ui/theme/shape';
import { plural } from '../forms/words';
import { useAct } from '../shell/act-context';

interface Props {
  readonly action: Action;
}

/** The button that says it is done, and quick observations beside it: no typing. */
export function ActionButtons({ action }: Props) {
  const act = useAct();
  const router = useRouter();
  const see = (path: string) => router.navigate(path as never);
  switch (action.kind) {
    case 'feed': {
      const { starter, feed } = action;
      const looked = (foam: 'none' | 'good', words: string) =>
        act({ kind: 'looked', starterId: starter.id, foam }, `${starter.name}: ${words}.`);
      return (
        <View style={styles.row}>
          <InkButton
            label="Fed"
            hint={`Fed ${starter.name}`}
            style={styles.main}
            onPress={() => act({ kind: 'fed', starterId: starter.id, ...feed }, `Fed ${starter.name}.`)}
          />
          <InkButton
            quiet
            label="Foams"
            hint={`${starter.name} foams`}
            onPress={() => looked('good', 'good foam')}
          />
          <InkButton
            quiet
            label="Flat"
            hint={`${starter.name} is flat`}
            onPress={() => looked('none', 'no foam')}
          />
        </View>
      );
    }
    case 'chill': {
      const { bottles, batch } = action;
      const ids = bottles.map((bottle) => bottle.id);
      const squeeze = (feel: 'gives' | 'firm') =>
        act({ kind: 'squeezed', bottleId: ids[0]!, feel }, `Bottle ${bottles[0]!.number}: ${feel}.`);
      return (
        <View style={styles.row}>
          <InkButton
            label={ids.length === 1 ? 'Chilled' : `Chilled all ${ids.length}`}
            style={styles.main}
            onPress={() =>
              act(
                { kind: 'bottles-moved', bottleIds: ids, place: 'fridge' },
                `${batch.name}: ${plural(ids.length, 'bottle')} in the fridge.`,
              )
            }
          />
          <InkButton quiet label="Gives" hint="Squeezed: gives" onPress={() => squeeze('gives')} />
          <InkButton quiet label="Firm" hint="Squeezed: firm" onPress={() => squeeze('firm')} />
        </View>
      );
    }
    case 'open':
      return (
        <InkButton
          label="Open one"
          hint={`Open a bottle of ${action.batch.name}`}
          onPress={() => see(`/rack?bottle=${action.bottles[0]!.id}`)}
        />
      );
    case 'pitch':
      return (
        <InkButton
          label="Pitch"
          hint={`Pitch ${action.batch.name}`}
          onPress={() => see(`/brews/${action.batch.id}`)}
        />
      );
    case 'bottle':
      return (
        <InkButton
          label="Taste or bottle"
          hint={`Taste or bottle ${action.batch.name}`}
          onPress={() => see(`/brews/${action.batch.id}`)}
        />
      );
  }
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: gap.small },
  main: { flexGrow: 1 },
});
