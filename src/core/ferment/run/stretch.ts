/** Numbers of a stretch: how many steps, of how many hours each, the report row it reaches (−1 for none), hours since the last. */
export class stretch {
  static readonly STEPS: i32 = 0;
  static readonly HOURS: i32 = 1;
  static readonly ROW: i32 = 2;
  static readonly SINCE: i32 = 3;
  static readonly SIZE: i32 = 4;
}
