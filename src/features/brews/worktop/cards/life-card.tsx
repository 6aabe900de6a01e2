import { View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { solidGrams } from '@/core/matter/contents';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { gap } from '@/ui/theme/shape';
import { grams, millilitres, volume } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { lotName } from '@/words/names';
import { isPacket } from '../../../forms/packet-dose';
import { AmountRow } from '../rows/amount-row';
import { DoseTurner } from '../rows/dose-turner';
import { grainsOf, hasGrains, lotOfLife } from '../state/worktop-life';
import { withLife } from '../state/worktop-turns';
import type { WorktopState } from '../state/worktop-state';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly celsius: number;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onState: (next: WorktopState) => void;
}

/** What brings a brew to life, and how much of it, turned like any other amount. */
export function LifeCard({ state, lots, celsius, open, onOpen, onState }: Props) {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const found = lotOfLife(state.life, lots);
  const ready = found ? firstReadyAt(found.lot, household.warmths, now) : null;
  const lives = [
    ...lots.flatMap((lot) => {
      const name = lotName(lot, household);
      if (lot.role !== 'starter') return [{ value: lot.id, label: `A cup of ${name}` }];
      return hasGrains(lot)
        ? [
            { value: grainsOf(lot), label: `${name}, its grains` },
            { value: lot.id, label: `${name}, its liquid` },
          ]
        : [{ value: lot.id, label: name }];
    }),
    { value: 'portion', label: 'A packet, grains or whey' },
    { value: 'bare', label: 'Nothing: it lives on the base' },
  ];
  return (
    <View style={{ gap: gap.small }}>
      <Choice
        titled
        label="What brings it to life?"
        options={lives}
        value={state.life}
        onChange={(life) => onState(withLife(state, life, lots, celsius))}
      />
      {found ? (
        <AmountRow
          what="kefir-grains"
          family="culture"
          name={found.grains ? (isPacket(found.lot) ? 'Yeast' : 'Grains') : 'Starter to draw'}
          amount={found.grains ? grams(state.composition.dose) : millilitres(state.composition.dose)}
          beside={canGive(found.lot, found.grains, now, ready)}
          followed={state.followed.includes('dose')}
          open={open}
          onPress={onOpen}
        >
          <DoseTurner state={state} lot={found.lot} byGrams={found.grains} onState={onState} />
        </AmountRow>
      ) : null}
    </View>
  );
}

function canGive(lot: Lot, byGrams: boolean, now: number, readyAt: number | null): string {
  if (readyAt !== null && !byGrams) return `${lot.name} is new: ready about ${moment(quarter(readyAt), now)}`;
  return byGrams
    ? `${lot.name} has ${grams(Number(solidGrams(lot.contents).toFixed(1)))}`
    : `${lot.name} can give ${volume(Math.round(mostDrawableMl(lot)))}`;
}
