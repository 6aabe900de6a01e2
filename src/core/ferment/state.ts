/**
 * Where each quantity stands in a state array, grams per litre of liquid unless said otherwise. Hot files take these apart
 * into module constants: bundlers turn a cross-module import into a property look-up, and the inner loop feels it.
 */
export const slots = {
  SUCROSE: 0,
  GLUCOSE: 1,
  FRUCTOSE: 2,
  YEAST: 3,
  LACTICS: 4,
  ACETICS: 5,
  ETHANOL: 6,
  /** All CO2 in the vessel, liquid and headspace together. */
  CO2: 7,
  /** Physiological state of yeast and of bacteria (Baranyi's Q), dimensionless. */
  YEAST_READY: 8,
  LACTICS_READY: 9,
  /** Oxygen shut in, headspace and liquid together, mol per litre of liquid. */
  OXYGEN: 10,
  LACTIC: 11,
  ACETIC: 12,
  GLYCEROL: 13,
  /** CO2 that left the vessel. */
  ESCAPED: 14,
  /** Cells that died, g dry. */
  DEAD: 15,
  /** Nitrogen shut in, as the oxygen: nothing takes it, it only comes and goes with a seal. */
  NITROGEN: 16,
  STATE_SIZE: 17,
  /** Acidity is solved, not integrated; a recorded row carries it, and the rate of gas making in g/L/h, behind the state. */
  PH: 17,
  GAS_RATE: 18,
  ROW_SIZE: 19,
} as const;
