import { useState } from 'react';
import { View } from 'react-native';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { webStyle } from '@/ui/theme/web-style';
import { alcoholPlain } from '@/words/brews/worktop-words';
import { nameFault } from '../../forms/name-fault';
import { useSugarLeft } from '../../lots/use-sugar-left';
import { AgainChips } from './cards/again-chips';
import { Board } from './cards/board';
import { Cautions } from './cards/cautions';
import { KeepRecipe } from './cards/keep-recipe';
import { SizeChips } from './cards/size-chips';
import { AccountLine } from './lines/account-line';
import { FlavourLine } from './lines/flavour-line';
import { SizeLine } from './lines/size-line';
import { StarterLine } from './lines/starter-line';
import { StepsLine } from './lines/steps-line';
import { SweetLine } from './lines/sweet-line';
import { BeginRow } from './rows/begin-row';
import { BackAgain, useDraft } from './state/draft';
import { isUntouched } from './state/lay-out';
import { useBegin } from './state/use-begin';
import { useComposed } from './state/use-composed';
import { planned, unpitched } from './state/worktop-plan';
import { nameOf, type WorktopState } from './state/worktop-state';
import { withMl } from './state/worktop-turns';
import { t } from '@/core/language/t';

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

/** A brew is composed: the jar, and three lines that open where they stand; what comes of it moves with every turn. */
export function Worktop({ lots, begun, draft, onAfresh }: Props) {
  const wide = useWide();
  const roles = useRoles();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const celsius = celsiusAt(household.warmths, 'counter', now);
  const [state, setState] = useState(begun);
  const dropIt = useDraft(draft, state, begun);
  const worked = planned(state, lots, useSugarLeft());
  const answer = useComposed(state, worked.ok ? worked.value : null);
  const { begin, tried, fault } = useBegin(state, worked, dropIt);
  const shown = worked.ok ? worked.value : unpitched(state);
  const line = { state, lots, celsius, onState: setState };
  const board = <Board state={state} worked={worked} shown={shown} answer={answer} />;
  const lines = (
    <>
      <SizeLine {...line} needsMl={shown?.plan.brew.jarMl ?? null} waterMl={shown?.plan.waterMl ?? null} />
      <StepsLine state={state} planned={shown} celsius={celsius} onState={setState} />
      <AccountLine state={state} planned={shown} answer={answer} onState={setState} />
    </>
  );
  const hand = (
    <View style={{ gap: gap.small, flex: wide ? 1 : undefined, minWidth: 0 }}>
      {onAfresh ? <BackAgain onAfresh={onAfresh} /> : null}
      {isUntouched(state) && state.name === '' ? <AgainChips /> : null}
      <SizeChips
        ml={state.composition.ml}
        onMl={(ml) => setState(withMl(state, ml, 'proportions', { lots, celsius }))}
      />
      <SweetLine state={state} onState={setState} />
      <StarterLine {...line} />
      <FlavourLine state={state} lots={lots} onState={setState} />
      <TextBox
        label={t`Name`}
        value={state.name}
        placeholder={nameOf(state)}
        onChange={(name) => setState({ ...state, name })}
        error={tried ? nameFault(nameOf(state)) : undefined}
        errorId="error-name"
      />
      <Cautions state={state} planned={shown} lots={lots} celsius={celsius} />
      <BeginRow fault={fault} onBegin={begin} />
      {wide ? null : lines}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <KeepRecipe state={state} onKept={(from) => setState({ ...state, from })} />
      </View>
      <Text color={roles.softText}>{alcoholPlain}</Text>
    </View>
  );
  return (
    <Screen title={state.from ? nameOf(state) : t`A new brew`} over={t`Brews`} pane={wide} width={1100}>
      {wide ? (
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-start' }}>
          {hand}
          <View style={[{ width: 400, gap: gap.small }, stuck]}>
            {board}
            {lines}
          </View>
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
