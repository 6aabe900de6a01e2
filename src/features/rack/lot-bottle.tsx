import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { liquidMl } from '@/core/matter/contents';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Bottle } from '@/ui/drawings/bottle';
import { liquidColour } from '@/ui/theme/liquid-colour';

interface Props {
  readonly lot: Lot;
  readonly volumes: number;
  readonly litreHeight: number;
  readonly label?: string;
}

/** A bottle drawn from its lot's numbers. */
export function LotBottle({ lot, volumes, litreHeight, label = '' }: Props) {
  const household = useAppSelector(selectHousehold);
  return (
    <Bottle
      colour={liquidColour(lot, (id) => lotOf(household, id))}
      mark={lot.mark}
      bottleMl={lot.vessel.ml}
      headspaceMl={Math.max(0, lot.vessel.ml - liquidMl(lot.contents))}
      number={lot.name.slice(0, 3)}
      volumes={volumes}
      cold={lot.place === 'fridge'}
      open={lot.opened !== null}
      plastic={lot.vessel.kind === 'plastic-soda'}
      litreHeight={litreHeight}
      label={label}
    />
  );
}
