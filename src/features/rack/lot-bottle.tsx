import type { Lot } from '@/core/lots/lot';
import { liquidMl } from '@/core/matter/contents';
import { Bottle } from '@/ui/drawings/bottle';

interface Props {
  readonly lot: Lot;
  readonly volumes: number;
  readonly litreHeight: number;
  readonly label?: string;
}

/** A bottle drawn from its lot's numbers. */
export const LotBottle = ({ lot, volumes, litreHeight, label = '' }: Props) => (
  <Bottle
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
