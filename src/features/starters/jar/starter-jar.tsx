import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { Lot } from '@/core/lots/lot';
import { levelMl } from '@/core/matter/contents';
import { Jar } from '@/ui/drawings/jar';

interface Props {
  readonly lot: Lot;
  readonly answer: StarterAnswer | null;
  readonly litreHeight: number;
  readonly label?: string;
}

/** A starter's jar from its numbers: level, mark, and foam by its liveliness. */
export const StarterJar = ({ lot, answer, litreHeight, label = '' }: Props) => (
  <Jar
    jarMl={lot.vessel.ml}
    levelMl={levelMl(lot.contents)}
    markMl={lot.markMl}
    liveliness={lot.place === 'fridge' && answer?.opens !== 'open' ? 0.1 : (answer?.now[2] ?? 0.3)}
    litreHeight={litreHeight}
    label={label}
    culture={lot.culture}
  />
);
