import { useContext, useEffect, useState } from 'react';
import { View } from 'react-native';
import { carries } from '@/core/bottling/carries';
import type { FillingAsk, FillingOutcome } from '@/core/forecast/advice/fillings';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { pouredSweetness } from '@/core/forecast/question/wanted-sweetness';
import { cautionOf } from '@/core/settings/caution';
import { ceilingOf } from '@/core/settings/alcohol-ceiling';
import { wakingOf } from '@/core/settings/waking-hours';
import type { Lot } from '@/core/lots/lot';
import { habitsOf } from '@/core/tasting/habits';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { fillingWords } from '@/words/bottles/filling-words';
import { QueueContext } from '../forecasting/forecasts';
import type { JarForecast } from '../forecasting/jar-reader';
import type { TableState, Worktable } from './table-state';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly forecast: JarForecast;
  readonly state: TableState;
  readonly table: Worktable;
  readonly now: number;
}

/** Of bottles that nobody will look at, or that have no soft one among them: how many come right, and what would make it more. */
export function UnlookedAt({ lot, forecast, state, table, now }: Props) {
  const household = useAppSelector(selectHousehold);
  const kinds = table.rows.map(({ bottle }) => bottle.kind);
  const caution = cautionOf(household);
  const [weakest] = [...table.rows].sort(
    (a, b) => carries(a.bottle.kind, caution) - carries(b.bottle.kind, caution),
  );
  const { liked, neverFeels } = habitsOf(household);
  if (!weakest || (kinds.includes('plastic-soda') && !neverFeels)) return null;
  const { charged, bottle } = weakest;
  return (
    <Unlooked
      runId={forecast.runId}
      ask={{
        hour: Math.max(0, Math.floor((now - forecast.start) / hourMs)),
        start: forecast.start,
        waking: wakingOf(household),
        caution,
        wantedVolumes: state.wantedVolumes,
        wantedSweetness: Math.round(
          pouredSweetness(lot, liquidsOf(household), liked, charged.dosedGramsPerLitre),
        ),
        ceilingPercent: ceilingOf(household),
        bottle: bottle.kind,
        bottles: table.rows.length,
        headspaceShare: charged.headspaceMl / charged.liquidMl,
        doseGramsPerLitre: charged.dosedGramsPerLitre,
      }}
    />
  );
}

/** What the answer takes at 390 px, in px: held open from the first, so that no button below moves under a finger. */
const comingHeight = 96;

function Unlooked({ runId, ask }: { readonly runId: string; readonly ask: FillingAsk }) {
  const queue = useContext(QueueContext)!;
  const [outcomes, setOutcomes] = useState<readonly FillingOutcome[] | null>(null);
  const asked = JSON.stringify(ask);
  useEffect(() => {
    let wanted = true;
    void queue.fillings(runId, JSON.parse(asked) as FillingAsk).then((found) => {
      // What cannot be worked out is not waited for; what was shown before stays.
      if (wanted) setOutcomes((before) => found ?? before ?? []);
    });
    return () => void (wanted = false);
  }, [queue, runId, asked]);
  if (outcomes === null)
    return (
      <View testID="unlooked" style={{ minHeight: comingHeight }}>
        <Text>{t`Working out the coming ferment…`}</Text>
      </View>
    );
  const [first, ...better] = fillingWords(outcomes);
  return first === undefined ? null : (
    <View testID="unlooked" style={{ minHeight: comingHeight }}>
      <Text as="strong">{first}</Text>
      {better.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </View>
  );
}
