import { accountWarnings } from '@/core/brew/account-warnings';
import { shortOfStarter } from '@/core/brew/leftovers';
import { potFits } from '@/core/brew/pot';
import type { Lot } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { parseNumber } from '@/core/measures/parse-measure';
import { useNow } from '@/store/use-now';
import { Caution } from '@/ui/controls/caution';
import { Note } from '@/ui/controls/note';
import { View } from 'react-native';
import { gap } from '@/ui/theme/shape';
import { litres } from '@/words/amounts';
import { cautionsOf } from '@/words/kitchen/caution-words';
import { phCaution, potWords, shortWords, warningWords } from '@/words/brews/worktop-words';
import { Claims } from '../../../starters/lazy';
import { lotOfLife } from '../state/worktop-life';
import { rawIn, type Planned } from '../state/worktop-plan';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly planned: Planned | null;
  readonly lots: readonly Lot[];
  readonly celsius: number;
}

/** What is short, what is too small, what to mind: in sight before it is begun. */
export function Cautions({ state, planned, lots, celsius }: Props) {
  const now = useNow();
  const found = lotOfLife(state.life, lots);
  const short = found ? shortOfStarter(state.composition, found.lot, { now, celsius }, found.grains) : null;
  return (
    <View style={{ gap: gap.small }} testID="brew-cautions">
      {short && found ? (
        <Note tone="caution" testID="short-of-starter">
          {shortWords(short, found.lot.name, now)}
        </Note>
      ) : null}
      {planned?.life.kind === 'lot' ? (
        <Claims jar={planned.life.lot} wants={{ ml: planned.life.ml }} />
      ) : null}
      {planned ? <Mind state={state} planned={planned} /> : null}
    </View>
  );
}

function Mind({ state, planned }: { readonly state: WorktopState; readonly planned: Planned }) {
  const { plan, life } = planned;
  const { account, portions } = plan.brew;
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
  const tooSmall = state.jarMl !== null && plan.levelMl > state.jarMl * 0.95;
  return (
    <>
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
          {t`With its solids it fills ${litres(plan.levelMl)}. Take a jar of at least ${litres(plan.brew.jarMl)}, for the foam.`}
        </Note>
      ) : null}
      {cautionsOf({ portions, cultureId: lot?.culture ?? null, closure: state.method.closure }).map(
        (words) => (
          <Caution key={words}>{words}</Caution>
        ),
      )}
      {lowAcid(portions.map(({ what }) => what)) ? <Caution>{phCaution}</Caution> : null}
    </>
  );
}

/** Whether nothing sour goes in: no citrus, no fruit, no hibiscus. */
const lowAcid = (whats: readonly string[]): boolean =>
  !whats.some((what) => {
    const { composition, family } = ingredientOf(what);
    return family === 'citrus' || composition.citric + composition.malic > 0.004;
  });
