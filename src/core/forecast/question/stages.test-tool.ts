import { addPortions } from '../../lots/add';
import { emptyLot } from '../../lots/begin';
import type { Lot, LotEvent } from '../../lots/lot';
import type { Warmths } from '../../kitchen/places';
import { nothing } from '../../matter/substances';
import { soluteOf, stretchOf } from './lot-stages';
import { hourMs } from '../../duration';

export const start = Date.UTC(2026, 4, 1);
export const at = (hour: number) => start + hour * hourMs;

/** A brew of 800 ml in a litre’s jar, begun at hour 0, with what happened to it since. */
export const brew = (events: readonly LotEvent[] = [], more: Partial<Lot> = {}): Lot => {
  const begun = addPortions(
    emptyLot('b', start, {
      role: 'brew',
      name: 'b',
      vessel: { kind: 'jar', ml: 1000 },
      closure: 'airlock',
      place: 'counter',
    }),
    [{ what: 'water', ml: 800 }],
    { at: start, entryId: 'b' },
  );
  return { ...begun, ...more, events: [...begun.events, ...events] };
};
export const happened = (hour: number, more: object) =>
  ({ at: at(hour), entryId: `e${hour}`, ...more }) as LotEvent;
export const warmths: Warmths = { counter: [{ at: at(-50), celsius: 20 }] };

/** The stages of a lot over 24 hours, said shortly. */
export function stages(lot: Lot, from = 0, to = 24, told: Warmths = warmths) {
  return stretchOf({
    lot,
    from: at(from),
    to: at(to),
    afterEvent: 1,
    liquidMl: 800,
    warmths: told,
    reads: (event, ml) => (event.kind === 'added' ? { ...soluteOf({ ...nothing, sucrose: 10 }, ml) } : null),
  });
}
export const said = (lot: Lot, told?: Warmths) =>
  stages(lot, 0, 24, told).map(
    ({ hours, celsius, vessel }) => `${Number(hours.toFixed(4))} h ${celsius} °C ${vessel}`,
  );
