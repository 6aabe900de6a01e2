import { useRouter } from 'expo-router';
import { watchOf } from '@/core/tasks/pressure-watch';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { useAct } from '../acts/act-context';
import { useForecasts } from '../forecasting/forecasts';
import type { ActKind } from '../lots/act-kinds';
import { ActsRow, type ActsState } from '../lots/lot-acts';
import type { BrewRow } from './brew-rows';
import { t } from '@/core/language/t';

const fewOf: Readonly<Record<BrewRow['stage'], readonly ActKind[]>> = {
  mixed: ['measure'],
  'first-ferment': ['look', 'taste'],
  bottled: [],
  finished: [],
};

/** Whether a brew day was begun step by step and is not over. */
const stepsLeft = ({ brew, stage }: BrewRow): boolean =>
  brew.recipe?.method !== undefined &&
  (stage === 'mixed' || (stage === 'first-ferment' && brew.steps?.pitch !== undefined && !brew.steps.label));

interface Props {
  readonly row: BrewRow;
  readonly state: ActsState;
  readonly onPitch: () => void;
}

/** What fits a brew as it is now, in one row; all else behind “More”. */
export function BrewActs({ row, state, onPitch }: Props) {
  const router = useRouter();
  const act = useAct();
  const now = useNow();
  const forecasts = useForecasts();
  const { brew, stage, bottles } = row;
  const warm = bottles.filter(({ place }) => place !== 'fridge');
  const isGrave = warm.some(({ id }) => {
    const answer = forecasts.lotAnswer(id);
    return answer !== null && watchOf(answer, now)?.stage === 'do-not-handle';
  });
  const chill = () =>
    act(
      { kind: 'moved', lots: warm.map(({ id }) => id), place: 'fridge' },
      warm.length === 1 ? t`In the fridge.` : t`${warm.length} bottles in the fridge.`,
    );
  const chilled = isGrave
    ? t`Cooled in place`
    : warm.length === 1
      ? t`Chilled`
      : t`Chilled all ${warm.length}`;
  return (
    <ActsRow lot={brew} state={state} few={fewOf[stage]}>
      {stepsLeft(row) ? (
        <InkButton
          label={t`Go on, step by step`}
          onPress={() => router.navigate(`/brews/day?brew=${brew.id}`)}
        />
      ) : null}
      {stage === 'mixed' ? (
        <InkButton quiet={stepsLeft(row)} label={t`Pitch the starter`} onPress={onPitch} />
      ) : null}
      {stage === 'first-ferment' ? (
        <InkButton label={t`Bottle it`} onPress={() => router.navigate(`/brews/bottling?brew=${brew.id}`)} />
      ) : null}
      {warm.length > 0 ? <InkButton label={chilled} onPress={chill} /> : null}
      {stage === 'bottled' ? (
        <InkButton quiet label={t`See the rack`} onPress={() => router.navigate('/rack')} />
      ) : null}
      {stage === 'finished' ? (
        <InkButton label={t`Brew it again`} onPress={() => router.navigate(`/brews/new?again=${brew.id}`)} />
      ) : null}
    </ActsRow>
  );
}
