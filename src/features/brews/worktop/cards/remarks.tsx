import { accountWarnings } from '@/core/brew/account-warnings';
import { costOf } from '@/core/brew/cost';
import { pricesOf } from '@/core/settings/price';
import { shortOfStarter } from '@/core/brew/leftovers';
import { potFits } from '@/core/brew/pot';
import { sourceName, sugarRemark } from '@/core/brew/sugar-account';
import { knownCultures, lastBatchId } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { parseNumber } from '@/core/measures/parse-measure';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords, volume, litres } from '@/words/amounts';
import { cautionsOf } from '@/words/kitchen/caution-words';
import {
  alcoholPlain,
  costWords,
  phCaution,
  potWords,
  shortWords,
  warningWords,
  yieldWords,
} from '@/words/brews/worktop-words';
import { lotOfLife } from '../state/worktop-life';
import { rawIn, type Planned } from '../state/worktop-plan';
import type { WorktopState } from '../state/worktop-state';
import { Claims } from '../../../starters/lazy';

interface Props {
  readonly state: WorktopState;
  readonly planned: Planned | null;
  readonly lots: readonly Lot[];
  readonly celsius: number;
}

/** What is to be known before it is mixed: where the sugar comes from, what is short, what is too small, what to mind. */
export function Remarks({ state, planned, lots, celsius }: Props) {
  const now = useNow();
  const found = lotOfLife(state.life, lots);
  const short = found ? shortOfStarter(state.composition, found.lot, { now, celsius }, found.grains) : null;
  return (
    <>
      {short && found ? (
        <Note tone="caution" testID="short-of-starter">
          {shortWords(short, found.lot.name, now)}
        </Note>
      ) : null}
      {planned ? <Account state={state} planned={planned} /> : null}
    </>
  );
}

function Account({ state, planned }: { readonly state: WorktopState; readonly planned: Planned }) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const { plan, life } = planned;
  const { account, draw, portions } = plan.brew;
  const lot = life.kind === 'lot' ? life.lot : null;
  const meant = parseNumber(state.meant);
  const warnings = accountWarnings({
    portions,
    account,
    life,
    meantPercent: meant > 0 ? meant : null,
    ...(state.life === 'bare' ? { raw: rawIn(state) } : {}),
  });
  const pot = state.potMl === null ? null : potWords(potFits(plan.pot, state.potMl), state.potMl);
  const remark = sugarRemark(account.totalGramsPerLitre);
  const bought = portions.filter(({ what }) => what !== 'water').length;
  const cost = costOf(portions, account.batchMl, pricesOf(household));
  const sources = account.sources
    .slice(0, 6)
    .map(
      ({ what, gramsPerLitre, fermentableShare }) =>
        `${what === 'starter' ? (lot?.name ?? 'Starter') : sourceName(what)} ${gramsPerLitre.toFixed(gramsPerLitre < 5 ? 1 : 0)} g/L${fermentableShare < 0.97 && what !== 'starter' ? ` (${Math.round(fermentableShare * 100)} % of it ferments)` : ''}`,
    )
    .join(', ');
  const tooSmall = state.jarMl !== null && plan.levelMl > state.jarMl * 0.95;
  return (
    <Card label="The account" testID="brew-preview">
      <Text as="subheading" level={2}>
        The account
      </Text>
      <Text>{`${sources}. Sugar takes up room: 100 g in a litre of water is 94 g/L.`}</Text>
      {remark ? <Text>{remark}</Text> : null}
      {lot ? <DoseRemark lot={lot} share={account.doseShare} ml={life.kind === 'lot' ? life.ml : 0} /> : null}
      {lot && life.kind === 'lot' ? <Claims jar={lot} wants={{ ml: life.ml }} /> : null}
      {lot && draw ? (
        <Text>
          {draw.topUp.length > 0
            ? `${volume(Math.round(draw.leftMl))} stay in ${lot.name}'s jar. Top up with ${portionsWords(draw.topUp)}, then let it rest a day.`
            : `${volume(Math.round(draw.leftMl))} stay in ${lot.name}.`}
        </Text>
      ) : null}
      <Text testID="yield">{yieldWords(plan.yields)}</Text>
      <Text testID="cost">{costWords(cost, bought)}</Text>
      {warnings.map((warning) => (
        <Note key={warning.kind} tone="caution" testID={`warning-${warning.kind}`}>
          {warningWords(warning)}
        </Note>
      ))}
      {pot ? (
        <Note tone="caution" testID="pot-small">
          {pot}
        </Note>
      ) : null}
      {tooSmall ? (
        <Note tone="caution" testID="jar-small">
          {`With its solids it fills ${litres(plan.levelMl)}. Take a jar of at least ${litres(plan.brew.jarMl)}, for the foam.`}
        </Note>
      ) : null}
      {cautionsOf({ portions, cultureId: lot?.culture ?? null, closure: state.method.closure }).map(
        (words) => (
          <Note key={words} tone="caution">
            {words}
          </Note>
        ),
      )}
      {lowAcid(portions.map(({ what }) => what)) ? <Note tone="caution">{phCaution}</Note> : null}
      <Text color={roles.softText}>{alcoholPlain}</Text>
    </Card>
  );
}

/** Whether nothing sour goes in: no citrus, no fruit, no hibiscus. */
const lowAcid = (whats: readonly string[]): boolean =>
  !whats.some((what) => {
    const { composition, family } = ingredientOf(what);
    return family === 'citrus' || composition.citric + composition.malic > 0.004;
  });

function DoseRemark({ lot, share, ml }: { readonly lot: Lot; readonly share: number; readonly ml: number }) {
  const culture = knownCultures(lot.role === 'starter' ? lot.culture : lastBatchId);
  const said = `The dose, ${volume(Math.round(ml))}, is ${(share * 100).toFixed(1)} % of the batch.`;
  if (!culture || culture.unit !== 'ml') return <Text>{said}</Text>;
  const { low, high } = culture.dose;
  const usual = `${Math.round(low * 100)}–${Math.round(high * 100)} % is usual.`;
  const remark =
    share < low - 0.001
      ? ` A small dose: it starts slowly. ${usual}`
      : share > high + 0.001
        ? ` A large dose: quick and yeasty. ${usual}`
        : '';
  return <Text>{`${said}${remark}`}</Text>;
}
