import { StyleSheet, View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { levelMl, liquidMl } from '@/core/matter/contents';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { WorktopJar } from '@/ui/drawings/worktop-jar';
import { liquidColour } from '@/ui/theme/liquid-colour';
import { useRoles } from '@/ui/theme/use-roles';
import { litres } from '@/words/amounts';
import { useForecasts } from '../forecasting/forecasts';
import { pressureAt } from '../forecasting/pressure';
import { LotBottle } from '../rack/lot-bottle';
import type { BrewRow } from './brew-rows';
import { t } from '@/core/language/t';

/** At most so many bottles are drawn side by side. */
const mostDrawn = 4;

interface Props {
  readonly row: BrewRow;
  readonly height: number;
  /** At most so many bottles side by side. */
  readonly most?: number;
  /** Whether each bottle leads to its page. */
  readonly linked?: boolean;
}

/** What a brew is now: its jar with what is in it, or its bottles; its empty jar when all is poured. */
export function BrewDrawing({ row, height, most = mostDrawn, linked = false }: Props) {
  const { brew, bottles, stage } = row;
  return stage === 'bottled' ? (
    <Bottles bottles={bottles} height={height} most={most} linked={linked} />
  ) : (
    <JarOf brew={brew} height={height} />
  );
}

function JarOf({ brew, height }: { readonly brew: Lot; readonly height: number }) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const liquid = liquidMl(brew.contents);
  const solids = Math.max(0, levelMl(brew.contents) - liquid);
  const colour = liquidColour(brew, (id) => lotOf(household, id));
  return (
    <WorktopJar
      jarMl={brew.vessel.ml}
      layers={[
        ...(solids > 5 ? [{ key: 'solids', ml: solids, colour: roles.starterLiquid, pieces: true }] : []),
        { key: 'liquid', ml: liquid, colour, pieces: false },
      ]}
      label={t`A ${litres(brew.vessel.ml)} jar with ${litres(liquid)} in it`}
      height={height}
    />
  );
}

/** Its bottles to scale, all of them counted. */
function Bottles({
  bottles,
  height,
  most,
  linked,
}: Required<Omit<Props, 'row'>> & { readonly bottles: readonly Lot[] }) {
  const now = useNow();
  const forecasts = useForecasts();
  const more = bottles.length - most;
  return (
    <View style={styles.bottles}>
      {bottles.slice(0, most).map((bottle) => {
        const drawn = (
          <LotBottle
            lot={bottle}
            volumes={pressureAt(forecasts.lotAnswer(bottle.id), now)?.volumes ?? 0}
            litreHeight={height}
          />
        );
        return linked ? (
          <PressLink
            key={bottle.id}

            aria-label={t`Bottle ${bottle.name}`}
            href={`/bottles/${bottle.id}`}
            style={styles.bottle}
          >
            {drawn}
          </PressLink>
        ) : (
          <View key={bottle.id}>{drawn}</View>
        );
      })}
      {more > 0 ? <Text as="strong">{`+${more}`}</Text> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  bottles: { flexDirection: 'row', alignItems: 'flex-end', maxWidth: 190 },
  bottle: { minWidth: 36, alignItems: 'center', justifyContent: 'flex-end' },
});
