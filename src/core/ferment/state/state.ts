/**
 * Where each quantity stands in a state array, grams per litre of liquid unless said otherwise. Hot files take these apart
 * into module constants: bundlers turn a cross-module import into a property look-up, and the inner loop feels it. A class, not
 * an object, since it is compiled too.
 */
export class slots {
  static readonly SUCROSE: i32 = 0;
  static readonly GLUCOSE: i32 = 1;
  static readonly FRUCTOSE: i32 = 2;
  static readonly YEAST: i32 = 3;
  static readonly LACTICS: i32 = 4;
  static readonly ACETICS: i32 = 5;
  static readonly ETHANOL: i32 = 6;
  /** All CO2 in the vessel, liquid and headspace together. */
  static readonly CO2: i32 = 7;
  /** Physiological state of yeast and of bacteria (Baranyi's Q), dimensionless. */
  static readonly YEAST_READY: i32 = 8;
  static readonly LACTICS_READY: i32 = 9;
  /** Oxygen shut in, headspace and liquid together, mol per litre of liquid. */
  static readonly OXYGEN: i32 = 10;
  static readonly LACTIC: i32 = 11;
  static readonly ACETIC: i32 = 12;
  static readonly GLYCEROL: i32 = 13;
  /** CO2 that left the vessel. */
  static readonly ESCAPED: i32 = 14;
  /** Cells that died, g dry. */
  static readonly DEAD: i32 = 15;
  /** Nitrogen shut in, as the oxygen: nothing takes it, it only comes and goes with a seal. */
  static readonly NITROGEN: i32 = 16;
  /** Yeast that sank and was left behind when the liquid was poured off: it grew of nutrients that are gone. */
  static readonly SUNK: i32 = 17;
  /** Gluconic acid, made of glucose by acetic bacteria. */
  static readonly GLUCONIC: i32 = 18;
  static readonly STATE_SIZE: i32 = 19;
  /** Acidity is solved, not integrated; a recorded row carries it, and the rate of gas making in g/L/h, behind the state. */
  static readonly PH: i32 = 19;
  static readonly GAS_RATE: i32 = 20;
  static readonly ROW_SIZE: i32 = 21;
}
