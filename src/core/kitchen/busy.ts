/** A span nobody has hands for, ms. */
export interface Busy {
  readonly from: number;
  readonly until: number;
}
