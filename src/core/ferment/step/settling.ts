import type { LotStage } from '../scenario/ferment';
import { slots } from '../state/state';

const { LACTICS, LACTICS_READY, SUNK, YEAST, YEAST_READY } = slots;

/** A ferment that is left alone keeps its cells afloat for so long, hours; then they sink, a third of them staying up for so much longer. */
const keptAfloat = 72;
const sinksWithin = 150;
/** However long it stands, the liquid that is poured off carries some. */
const leastAfloat = 0.25;

/**
 * Share of the cells that the liquid poured off a jar still carries.
 *
 * @param hours since it was last stirred, fed or mixed, 0 or more
 * @returns 0.25–1: 1 within three days, 0.79 after five, 0.38 after two weeks
 * @source practice: soda bottled within days is ready in one or two, after weeks in the jar in three to ten
 */
export const afloatAfter = (hours: number): number =>
  leastAfloat + (1 - leastAfloat) * Math.exp(-Math.max(0, hours - keptAfloat) / sinksWithin);

/** What sank stays behind, and what comes along is tired: it has to wake again. */
export function pourOffSettled(y: Float64Array, hours: number): void {
  const afloat = afloatAfter(hours);
  if (afloat === 1) return;
  y[SUNK] = y[SUNK]! + y[YEAST]! * (1 - afloat);
  y[YEAST] = y[YEAST]! * afloat;
  y[LACTICS] = y[LACTICS]! * afloat;
  const wakes = afloat ** 2;
  y[YEAST_READY] = y[YEAST_READY]! * wakes;
  y[LACTICS_READY] = y[LACTICS_READY]! * wakes;
}

/** Whether entering a stage stirs its liquid up. */
export const stirsUp = ({ inflows, addSugars, stirredOnce }: LotStage): boolean =>
  Boolean(stirredOnce) || addSugars !== undefined || (inflows?.length ?? 0) > 0;

/** Hour at which what has been through these stages was last stirred up, by an hour; 0 when never since it was pitched. */
export function lastStirred(stages: readonly LotStage[], hour: number): number {
  let [from, last] = [0, 0];
  for (const stage of stages) {
    if (from > hour + 1e-9) break;
    if (stirsUp(stage)) last = from;
    from += stage.hours;
  }
  return last;
}
