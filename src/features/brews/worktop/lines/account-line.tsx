import { useState } from 'react';
import { costOf } from '@/core/brew/cost';
import { sourceName, sugarRemark } from '@/core/brew/sugar-account';
import { knownCultures, lastBatchId } from '@/core/cultures/registry';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { baseKinds } from '@/core/matter/base-kinds';
import { pricesOf } from '@/core/settings/price';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { FoldLine } from '@/ui/controls/fold-line';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { View } from 'react-native';
import { gap } from '@/ui/theme/shape';
import { litres, portionsWords, volume } from '@/words/amounts';
import { baseWords } from '@/words/brews/base-words';
import { composedWords } from '@/words/brews/composed-words';
import { accountWords, costWords, yieldWords } from '@/words/brews/worktop-words';
import { baseIn, type Planned } from '../state/worktop-plan';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly planned: Planned | null;
  readonly answer: LotAnswer | null;
  readonly onState: (next: WorktopState) => void;
}

/** Where the sugar comes from, what is drawn and lost, what it costs, and what it is taken for. */
export function AccountLine({ state, planned, answer, onState }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  if (!planned) return null;
  const { account } = planned.plan.brew;
  return (
    <FoldLine
      title={t`Account`}
      summary={t`SG ${account.gravity.toFixed(3)} · ${account.brix.toFixed(1)} °Brix · ${litres(planned.plan.yields.bottledMl)} to bottle`}
      open={isOpen}
      onPress={() => setIsOpen(!isOpen)}
    >
      <Account planned={planned} answer={answer} />
      <Choice
        titled
        label={t`Base`}
        options={baseKinds.map((value) => ({ value, label: baseWords[value] }))}
        value={baseIn(state)}
        onChange={(base) => onState({ ...state, base })}
      />
      <TextBox
        label={t`Sweetener meant, %`}
        value={state.meant}
        numeric
        hint={t`Of the water, if a recipe says so`}
        onChange={(meant) => onState({ ...state, meant })}
      />
    </FoldLine>
  );
}

function Account({ planned, answer }: { readonly planned: Planned; readonly answer: LotAnswer | null }) {
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const { plan, life } = planned;
  const { account, draw, portions } = plan.brew;
  const lot = life.kind === 'lot' ? life.lot : null;
  const remark = sugarRemark(account.totalGramsPerLitre);
  const bought = portions.filter(({ what }) => what !== 'water').length;
  const cost = costOf(portions, account.batchMl, pricesOf(household));
  const sources = account.sources
    .slice(0, 6)
    .map(
      ({ what, gramsPerLitre, fermentableShare }) =>
        `${what === 'starter' ? (lot?.name ?? t`Starter`) : sourceName(what)} ${gramsPerLitre.toFixed(gramsPerLitre < 5 ? 1 : 0)} g/L${fermentableShare < 0.97 && what !== 'starter' ? t` (${Math.round(fermentableShare * 100)} % of it ferments)` : ''}`,
    )
    .join(', ');
  return (
    <View style={{ gap: gap.small }} testID="brew-preview">
      {answer?.taste ? <Text>{composedWords(answer, now)}</Text> : null}
      <Text>{accountWords(account)}</Text>
      <Text>{t`${sources}. Sugar takes up room: 100 g in a litre of water is 94 g/L.`}</Text>
      {remark ? <Text>{remark}</Text> : null}
      {lot ? <DoseRemark lot={lot} share={account.doseShare} ml={life.kind === 'lot' ? life.ml : 0} /> : null}
      {lot && draw ? (
        <Text>
          {draw.topUp.length > 0
            ? t`${volume(Math.round(draw.leftMl))} stay in ${lot.name}'s jar. Top up with ${portionsWords(draw.topUp)}, then let it rest a day.`
            : t`${volume(Math.round(draw.leftMl))} stay in ${lot.name}.`}
        </Text>
      ) : null}
      <Text testID="yield">{yieldWords(plan.yields)}</Text>
      <Text testID="cost">{costWords(cost, bought)}</Text>
    </View>
  );
}

function DoseRemark({ lot, share, ml }: { readonly lot: Lot; readonly share: number; readonly ml: number }) {
  const culture = knownCultures(lot.role === 'starter' ? lot.culture : lastBatchId);
  const said = t`The dose, ${volume(Math.round(ml))}, is ${(share * 100).toFixed(1)} % of the batch.`;
  if (!culture || culture.unit !== 'ml') return <Text>{said}</Text>;
  const { low, high } = culture.dose;
  const usual = t`${Math.round(low * 100)}–${Math.round(high * 100)} % is usual.`;
  const remark =
    share < low - 0.001
      ? t` A small dose: it starts slowly. ${usual}`
      : share > high + 0.001
        ? t` A large dose: quick and yeasty. ${usual}`
        : '';
  return <Text>{`${said}${remark}`}</Text>;
}
