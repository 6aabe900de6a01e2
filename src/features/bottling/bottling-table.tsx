import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { fillPlan } from '@/core/bottling/fill-plan';
import { celsiusAt } from '@/core/kitchen/places';
import type { JarNow } from '@/core/forecast/answer/jar-now';
import { lotOf } from '@/core/journal/household';
import { wentTo } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { drainableMl } from '@/core/lots/transfer';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { gap } from '@/ui/theme/shape';
import { fillingCaution, planRemarks } from '@/words/bottles/bottling-words';
import type { JarForecast } from '../forecasting/jar-reader';
import { WhenField } from '../forms/when-field';
import { liquidColour } from '@/ui/theme/liquid-colour';
import { useActs } from '../acts/act-context';
import { BottleHand } from './bottle-hand';
import { bottlingActs, type LeftOver as Left } from './bottling-entries';
import { DoseCard } from './dose-card';
import { FillBoard } from './fill-board';
import { LeftOver } from './left-over';
import { MakesCard } from './makes-card';
import { Strongest } from './strongest';
import { UnlookedAt } from './unlooked';
import { useEmptyBottles } from './use-empty-bottles';
import { wayOf } from './way-of';
import {
  withWay,
  differs,
  emptyTable,
  laidOut,
  shareOf,
  withBottle,
  withChange,
  withPart,
  spareOf,
  withoutBottle,
  worked,
} from './table-state';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly jar: JarNow;
  readonly forecast: JarForecast;
  readonly now: number;
}

/** From litres in a jar to bottles: which, how full, with what; each can be other than the rest. */
export function BottlingTable({ lot, jar, forecast, now }: Props) {
  const { act, together } = useActs();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const { makes, empty } = useEmptyBottles(household);
  const batchMl = drainableMl(lot.contents);
  const before = wentTo(lot).filter(
    ({ lotId }) => lotId && lotOf(household, lotId)?.role === 'bottle',
  ).length;
  const [state, setState] = useState(() =>
    laidOut(
      withWay(emptyTable(lot.recipe?.wantedVolumes ?? 2.5, before), wayOf(lot, household)),
      batchMl,
      empty,
    ),
  );
  const [laidFor, setLaidFor] = useState(empty.length);
  if (empty.length !== laidFor) {
    setLaidFor(empty.length);
    // A make more: laid out anew with it, while every bottle is still alike.
    if (!state.bottles.some(differs)) setState(laidOut(state, batchMl, empty));
  }
  const [chosen, setChosen] = useState<number | null>(null);
  const [left, setLeft] = useState<Left>('leave');
  const [at, setAt] = useState<number | null>(null);
  const places = [...state.bottles.map(({ place }) => place), 'counter' as const];
  const warmest = Math.max(...places.map((place) => celsiusAt(household.warmths, place, now)));
  const table = worked(state, batchMl, jar, warmest);
  const plan = fillPlan({
    batchMl,
    empty,
    headspaceCm: state.headspaceCm,
    pilot: state.pilot,
    doseShare: shareOf(state),
  });
  const row = table.rows.find(({ bottle }) => bottle.key === chosen);
  const tooMuch = table.leftMl < -1;
  const full = state.bottles.length > 0 && plan.short && table.leftMl >= 100;
  const spare = spareOf(state, empty);
  const save = () => {
    if (tooMuch || state.bottles.length === 0) return;
    const said = t`${lot.name} is bottled.`;
    together(() => bottlingActs(lot.id, table, left).forEach((each) => act(each, said, at ?? undefined)));
    router.replace(`/brews/labels?brew=${lot.id}`);
  };
  return (
    <View style={{ gap: gap.medium }}>
      <FillBoard
        table={table}
        batchMl={batchMl}
        colour={liquidColour(lot, (id) => lotOf(household, id))}
        volumes={jar.co2Volumes[2]}
        chosen={chosen}
        onChoose={(key) => setChosen(chosen === key ? null : key)}
      />
      {row ? (
        <BottleHand
          row={row}
          state={state}
          onChange={(change) => setState(withChange(state, row.bottle.key, change))}
          onRemove={() =>
            setState({ ...state, bottles: state.bottles.filter(({ key }) => key !== row.bottle.key) })
          }
        />
      ) : null}
      <MakesCard
        state={state}
        makes={makes}
        remarks={planRemarks(plan)}
        now={now}
        onMore={({ make }) => setState(withBottle(state, { stock: make.key, kind: make.kind, ml: make.ml }))}
        onLess={({ make }) => setState(withoutBottle(state, make.key))}
        onPick={() => setState(laidOut(state, batchMl, empty))}
      />
      <DoseCard
        state={state}
        table={table}
        jar={jar}
        batchMl={batchMl}
        onState={(change) => setState({ ...state, ...change })}
      />
      <UnlookedAt lot={lot} forecast={forecast} state={state} table={table} now={now} />
      <LeftOver
        leftMl={table.leftMl}
        options={full ? plan.options : []}
        left={left}
        onLeft={setLeft}
        onPart={spare ? () => setState(withPart(state, spare)) : undefined}
      />
      <Strongest rows={table.rows} />
      <Note tone="caution">{fillingCaution}</Note>
      <WhenField value={at} onChange={setAt} />
      <InkButton label={t`Bottled`} disabled={tooMuch || state.bottles.length === 0} onPress={save} />
    </View>
  );
}
