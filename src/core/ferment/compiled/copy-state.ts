import { slots } from '../state';

const {
  SUCROSE,
  GLUCOSE,
  FRUCTOSE,
  YEAST,
  LACTICS,
  ACETICS,
  ETHANOL,
  CO2,
  YEAST_READY,
  LACTICS_READY,
  OXYGEN,
  LACTIC,
  ACETIC,
  GLYCEROL,
  ESCAPED,
  DEAD,
  NITROGEN,
} = slots;

/**
 * Copies a state into a row, `at` the index of its first number. Written out: it is done as often as a step is made, and as a
 * loop it costs a fifth of one.
 */
export function copyState(y: Float64Array, rows: Float64Array | Float32Array, at: number): void {
  rows[at + SUCROSE] = y[SUCROSE]!;
  rows[at + GLUCOSE] = y[GLUCOSE]!;
  rows[at + FRUCTOSE] = y[FRUCTOSE]!;
  rows[at + YEAST] = y[YEAST]!;
  rows[at + LACTICS] = y[LACTICS]!;
  rows[at + ACETICS] = y[ACETICS]!;
  rows[at + ETHANOL] = y[ETHANOL]!;
  rows[at + CO2] = y[CO2]!;
  rows[at + YEAST_READY] = y[YEAST_READY]!;
  rows[at + LACTICS_READY] = y[LACTICS_READY]!;
  rows[at + OXYGEN] = y[OXYGEN]!;
  rows[at + LACTIC] = y[LACTIC]!;
  rows[at + ACETIC] = y[ACETIC]!;
  rows[at + GLYCEROL] = y[GLYCEROL]!;
  rows[at + ESCAPED] = y[ESCAPED]!;
  rows[at + DEAD] = y[DEAD]!;
  rows[at + NITROGEN] = y[NITROGEN]!;
}
