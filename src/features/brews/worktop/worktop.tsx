import { useState } from 'react';
import { View } from 'react-native';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { TextBox } from '@/ui/controls/text-box';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { nameFault } from '../../forms/name-fault';
import { BeginRow } from './rows/begin-row';
import { Board } from './cards/board';
import { BackAgain, useDraft } from './state/draft';
import { KeepRecipe } from './cards/keep-recipe';
import { LifeCard } from './cards/life-card';
import { LitresRow } from './rows/litres-row';
import { MeantCard } from './cards/meant-card';
import { MethodCard } from './cards/method-card';
import { Remarks } from './cards/remarks';
import { RowsCard } from './rows/rows-card';
import { ScaleCard } from './cards/scale-card';
import { useBegin } from './state/use-begin';
import { useSugarLeft } from '../../lots/use-sugar-left';
import { WarmthRow } from './rows/warmth-row';
import { planned, unpitched } from './state/worktop-plan';
import type { WorktopState } from './state/worktop-state';
import { webStyle } from '@/ui/theme/web-style';

const stuck = webStyle({ position: 'sticky', top: 12 });

interface Props {
  /** Jars to draw from, the one asked for first. */
  readonly lots: readonly Lot[];
  readonly begun: WorktopState;
  /** Under which name it is kept while it is unfinished. */
  readonly draft: string;
  /** Clears it; there when it was brought back. */
  readonly onAfresh?: () => void;
}

/** A brew is composed: the jar fills, the account and the coming ferment move with every turn of an amount. */
export function Worktop({ lots, begun, draft, onAfresh }: Props) {
  const wide = useWide();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const celsius = celsiusAt(household.warmths, 'counter', now);
  const [state, setState] = useState(begun);
  const dropIt = useDraft(draft, state, begun);
  const [open, setOpen] = useState<number | 'ml' | 'dose' | 'warmth' | 'water' | null>(null);
  const worked = planned(state, lots, useSugarLeft());
  const unnamed = nameFault(state.name);
  const set = (change: Partial<WorktopState>) => setState({ ...state, ...change });
  const { begin, tried, fault } = useBegin(state, worked, dropIt);
  const shown = worked.ok ? worked.value : unpitched(state);
  const board = <Board state={state} worked={worked} shown={shown} />;
  const hand = (
    <View style={{ gap: gap.medium, flex: wide ? 1 : undefined, minWidth: 0 }}>
      {onAfresh ? <BackAgain onAfresh={onAfresh} /> : null}
      <TextBox
        label="Name"
        value={state.name}
        onChange={(name) => set({ name })}
        hint="What it will be called"
        error={tried ? unnamed : undefined}
        errorId="error-name"
      />
      <LitresRow
        state={state}
        lots={lots}
        celsius={celsius}
        needsMl={shown?.plan.brew.jarMl ?? null}
        open={open === 'ml'}
        onOpen={() => setOpen(open === 'ml' ? null : 'ml')}
        onState={setState}
      />
      <RowsCard
        state={state}
        lots={lots}
        open={open}
        onOpen={setOpen}
        onState={setState}
        waterMl={shown?.plan.waterMl ?? null}
        celsius={celsius}
      />
      <LifeCard
        state={state}
        lots={lots}
        celsius={celsius}
        open={open === 'dose'}
        onOpen={() => setOpen(open === 'dose' ? null : 'dose')}
        onState={setState}
      />
      <WarmthRow
        state={state}
        open={open === 'warmth'}
        onOpen={() => setOpen(open === 'warmth' ? null : 'warmth')}
        onState={setState}
      />
      <ScaleCard state={state} lots={lots} celsius={celsius} onState={setState} />
      <Remarks state={state} planned={shown} lots={lots} celsius={celsius} />
      <MethodCard
        method={state.method}
        infuses={state.composition.rows.some(({ when }) => when === 'infusion')}
        onMethod={(method) => set({ method })}
      />
      <MeantCard state={state} onState={setState} />
      <BeginRow fault={fault} onBegin={begin}>
        <KeepRecipe state={state} onKept={(from) => set({ from })} />
      </BeginRow>
    </View>
  );
  return (
    <Screen
      title={state.from ? state.name || 'A new brew' : 'A new brew'}
      over="Brews"
      pane={wide}
      width={1100}
    >
      {wide ? (
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-start' }}>
          {hand}
          <View style={[{ width: 400 }, stuck]}>{board}</View>
        </View>
      ) : (
        <>
          {board}
          {hand}
        </>
      )}
    </Screen>
  );
}
