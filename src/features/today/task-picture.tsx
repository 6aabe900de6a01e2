import { StyleSheet, View } from 'react-native';
import { levelMl } from '@/core/matter/contents';
import type { Task } from '@/core/tasks/task';
import { useForecasts } from '../forecasting/forecasts';
import { pressureAt } from '../forecasting/pressure';
import { LotBottle } from '../rack/lot-bottle';
import { StarterJar } from '../starters/jar/starter-jar';
import { t } from '@/core/language/t';

interface Props {
  readonly task: Task;
  readonly now: number;
}

/** The thing itself, drawn from its numbers. */
export function TaskPicture({ task, now }: Props) {
  const forecasts = useForecasts();
  const [lot] = task.lots;
  if (!lot) return null;
  if (lot.role === 'bottle') {
    return (
      <View style={styles.row}>
        {task.lots.slice(0, 3).map((each) => (
          <LotBottle
            key={each.id}
            lot={each}
            volumes={pressureAt(forecasts.lotAnswer(each.id), now)?.volumes ?? 0}
            litreHeight={112}
            label={t`Bottle ${each.name}`}
          />
        ))}
      </View>
    );
  }
  if (lot.role !== 'starter') return null;
  return (
    <StarterJar
      lot={lot}
      answer={forecasts.starterAnswer(lot.id)}
      litreHeight={104}
      label={t`Jar at ${Math.round(levelMl(lot.contents))} ml of ${Math.round(lot.vessel.ml)} ml`}
    />
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 2 } });
