import { View } from 'react-native';
import {
  noDose,
  sourceName,
  sugarAccount,
  sugarRemark,
  type Dose,
  type SugarAccount,
} from '@/core/brew/sugar-account';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { sugarLeft, cameIn } from '@/core/forecast/question/living-liquid';
import { lotOf } from '@/core/journal/household';
import { pitchOf } from '@/core/lots/pitch';
import { movedBy, type Lot } from '@/core/lots/lot';
import { liquidMl } from '@/core/matter/contents';
import type { Portion } from '@/core/matter/portion';
import { fermentableGrams, volumeOf } from '@/core/matter/substances';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Figure } from '@/ui/controls/figure';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { amountFigure } from '@/words/figures';
import { useRoles } from '@/ui/theme/use-roles';
import { quarter } from '@/words/moment';
import { nameOfLot } from '@/words/names';
import { Why } from '../why/why';
import { t } from '@/core/language/t';

/** Where the sugar comes from, in g/L of what is in the jar. */
export function AccountCard({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  const household = useAppSelector(selectHousehold);
  const portions = lot.events.flatMap((event): readonly Portion[] =>
    event.kind === 'added' ? event.portions : [],
  );
  if (portions.length === 0) return null;
  const pitch = pitchOf(lot, (id) => lotOf(household, id));
  const planned = lot.recipe?.planned;
  const ml = pitch?.fromLotId && pitch.culture.unit === 'ml' ? pitch.amount : pitch ? 0 : (planned?.ml ?? 0);
  const came = lot.events.find((event) => event.kind === 'came' && event.entryId === pitch?.entryId);
  const jar = planned?.lotId ? lotOf(household, planned.lotId) : undefined;
  const kitchen = liquidsOf(household);
  const left =
    came?.kind === 'came'
      ? (fermentableGrams(cameIn(came, kitchen).liquid) / volumeOf(movedBy(came).liquid)) * 1000
      : ((jar && sugarLeft(jar, kitchen, quarter(now))) ?? 0);
  const dose: Dose = ml > 0 ? { ml, residualSugar: left } : noDose;
  return (
    <Card label={t`Sugar account`}>
      <Text as="subheading" level={2}>{t`Sugar account`}</Text>
      <AccountFigures
        account={sugarAccount(portions, dose)}
        doseMl={ml}
        nowMl={liquidMl(lot.contents)}
        starterName={nameOfLot(pitch?.fromLotId ?? planned?.lotId ?? null, household)}
      />
      <Why topic="sugar" lot={lot} now={now} />
      <FromRecipe lot={lot} />
    </Card>
  );
}

/** The recipe it was made from, a tap away. */
function FromRecipe({ lot }: { readonly lot: Lot }) {
  const roles = useRoles();
  const from = lot.recipe?.from;
  const recipe = recipeVersions(useAppSelector(selectHousehold))
    .get(from?.id ?? '')
    ?.find(({ version }) => version === from?.version);
  if (!from || !recipe) return null;
  return (
    <PressLink
      aria-label={t`Its recipe: ${recipe.name}, version ${from.version}`}
      href={`/brews/recipe?id=${from.id}&version=${from.version}`}
    >
      <Text as="strong" color={roles.brew}>{t`Recipe: ${recipe.name}, version ${from.version}`}</Text>
    </PressLink>
  );
}

interface FiguresProps {
  readonly account: SugarAccount;
  readonly doseMl: number;
  /** What is in the jar now, ml, when some of it has left; the whole of it when left out. */
  readonly nowMl?: number;
  readonly starterName: string;
}

function AccountFigures({ account, doseMl, nowMl, starterName }: FiguresProps) {
  const roles = useRoles();
  const left = nowMl !== undefined && nowMl < account.batchMl * 0.98 ? nowMl : null;
  const remark = sugarRemark(account.totalGramsPerLitre);
  const sources = account.sources
    .slice(0, 5)
    .map(
      ({ what, gramsPerLitre }) =>
        `${what === 'starter' ? starterName : sourceName(what)} ${gramsPerLitre.toFixed(gramsPerLitre < 5 ? 1 : 0)} g/L`,
    )
    .join(', ');
  const dose =
    doseMl > 0
      ? t` The dose, ${Math.round(doseMl)} ml, is ${(account.doseShare * 100).toFixed(1)} % of the batch.`
      : '';
  const batch = amountFigure(account.batchMl / 1000, 'L');
  const now = amountFigure((left ?? 0) / 1000, 'L');
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <Figure value={account.totalGramsPerLitre.toFixed(0)} unit={t`g/L in the jar`} />
        <Figure value={account.gravity.toFixed(3)} unit={t`SG, ${account.brix.toFixed(1)} °Brix`} />
        <Figure value={batch.value} unit={left !== null ? t`${batch.unit} mixed` : t`${batch.unit} in all`} />
        {left !== null ? <Figure value={now.value} unit={t`${now.unit} in the jar now`} /> : null}
      </View>
      <Text
        color={roles.softText}
      >{t`${sources}.${dose} Sugar takes up room: 100 g in a litre of water is 94 g/L.`}</Text>
      {remark ? <Text>{remark}</Text> : null}
    </>
  );
}
