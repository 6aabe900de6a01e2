import { useState } from 'react';
import type { Lot } from '@/core/lots/lot';
import { solidGrams } from '@/core/matter/contents';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { FoldLine } from '@/ui/controls/fold-line';
import { grams, millilitres, volume } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { lotName } from '@/words/names';
import { isPacket } from '../../../forms/packet-dose';
import { AmountRow } from '../rows/amount-row';
import { DoseTurner } from '../rows/dose-turner';
import { WarmthRow } from '../rows/warmth-row';
import { grainsOf, hasGrains, lotOfLife } from '../state/worktop-life';
import { withLife } from '../state/worktop-turns';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly celsius: number;
  readonly onState: (next: WorktopState) => void;
}

const packetLife = { value: 'portion', label: t`A packet, grains or whey` };
const bareLife = { value: 'bare', label: t`Nothing: it lives on the base` };

/** What brings a brew to life, how much of it, and how warm it will stand: what sets the pace. */
export function StarterLine({ state, lots, celsius, onState }: Props) {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const [isOpen, setIsOpen] = useState(false);
  const [open, setOpen] = useState<'dose' | 'warmth' | null>(null);
  const found = lotOfLife(state.life, lots);
  const ready = found ? firstReadyAt(found.lot, household.warmths, now) : null;
  const lives = [
    ...lots.flatMap((lot) => {
      const name = lotName(lot, household);
      if (lot.role !== 'starter') return [{ value: lot.id, label: t`A cup of ${name}` }];
      return hasGrains(lot)
        ? [
            { value: grainsOf(lot), label: t`${name}, its grains` },
            { value: lot.id, label: t`${name}, its liquid` },
          ]
        : [{ value: lot.id, label: name }];
    }),
    packetLife,
    bareLife,
  ];
  const amount = found?.grains ? grams(state.composition.dose) : millilitres(state.composition.dose);
  const name = lives.find(({ value }) => value === state.life)?.label ?? packetLife.label;
  return (
    <FoldLine
      title={t`Starter`}
      summary={found ? t`${amount} of ${name}` : name}
      open={isOpen}
      onPress={() => {
        setIsOpen(!isOpen);
        setOpen(null);
      }}
    >
      <Choice
        label={t`What brings it to life?`}
        options={lives}
        value={state.life}
        onChange={(life) => onState(withLife(state, life, lots, celsius))}
      />
      {found ? (
        <AmountRow
          what="kefir-grains"
          family="culture"
          name={found.grains ? (isPacket(found.lot) ? t`Yeast` : t`Grains`) : t`Starter to draw`}
          amount={amount}
          beside={canGive(found.lot, found.grains, now, ready)}
          followed={state.followed.includes('dose')}
          open={open === 'dose'}
          onPress={() => setOpen(open === 'dose' ? null : 'dose')}
        >
          <DoseTurner state={state} lot={found.lot} byGrams={found.grains} onState={onState} />
        </AmountRow>
      ) : null}
      <WarmthRow
        state={state}
        open={open === 'warmth'}
        onOpen={() => setOpen(open === 'warmth' ? null : 'warmth')}
        onState={onState}
      />
    </FoldLine>
  );
}

function canGive(lot: Lot, byGrams: boolean, now: number, readyAt: number | null): string {
  if (readyAt !== null && !byGrams)
    return t`${lot.name} is new: ready about ${moment(quarter(readyAt), now)}`;
  return byGrams
    ? t`${lot.name} has ${grams(Number(solidGrams(lot.contents).toFixed(1)))}`
    : t`${lot.name} can give ${volume(Math.round(mostDrawableMl(lot)))}`;
}
