import { capital } from '@/core/capital';
import type { ForecastWarning, UnusualReading } from '@/core/forecast/ensemble/warnings';
import { signSaid } from '../names';
import { tasteSaid } from '../taste-words';
import { t } from '@/core/language/t';

const tenths = (share: number) =>
  share > 0.985
    ? t`Nearly all`
    : share > 0.9
      ? t`More than nine in ten`
      : t`About ${Math.round(10 * share)} in ten`;
const litres = (value: number) => Number(value.toFixed(2));

/** What a forecast says beside its figures. */
export function forecastWarningWords(warning: ForecastWarning): string {
  switch (warning.code) {
    case 'dose.old': {
      const { alive } = warning.params;
      return t`The dose has waited long: ${alive > 0.1 ? t`about ${Math.round(10 * alive)} in ten` : t`less than one in ten`} of its cells should be alive, and they wake slowly. Take more of it, or a fresh one.`;
    }
    case 'cells.heat':
      return t`${tenths(warning.params.dead)} of the cells should have died at ${warning.params.celsius.toFixed(0)} °C. What is left needs days to grow again: pitch anew below 30 °C, or wait and taste.`;
    case 'cells.hunger':
      return t`${tenths(warning.params.dead)} of the cells should have starved. Feed it and keep it warm: the rest need days to grow again.`;
    case 'cells.asleep':
      return t`After ${warning.params.days} days in the cold the cells sleep. In the warm they wake within a day.`;
    case 'reading.unusual':
      return unusual(warning.params);
    case 'readings.disagree':
      return t`The readings do not fit one ferment: one of them is probably off, so the forecast stays wide.`;
    case 'bottles.more-than-jar':
      return t`The bottles take ${litres(warning.params.filled)} L and the jar gives ${litres(warning.params.there)} L: check the litres.`;
  }
}

const units: Readonly<Record<string, string>> = { gaugeBar: ' bar', celsius: ' °C', brix: ' °Brix' };
const measures = {
  sg: t`A gravity of`,
  brix: t`A refractometer at`,
  ph: t`A pH of`,
  gaugeBar: t`A gauge at`,
  celsius: t`A temperature of`,
};

function unusual({ reading, celsius, expected, below }: UnusualReading): string {
  const where = t`after ${Math.round(reading.hour)} h, at ${Math.round(celsius)} °C`;
  switch (reading.kind) {
    case 'squeeze':
    case 'hiss':
    case 'lid':
      return below
        ? t`${reading.value === 'none' || reading.value === 'soft' ? t`No fizz` : t`So little fizz`} ${where} is unusual. The seal leaks, the starter is tired or overheated, or its place is colder than written.`
        : t`So much pressure ${where} is unusual: more sugar, a livelier starter or a warmer spot than written. Treat it as dangerous.`;
    case 'foam':
    case 'bubbles':
    case 'film':
    case 'smell':
    case 'sediment':
    case 'grains':
    case 'colour':
      return t`${capital(signSaid(reading.kind, String(reading.value)))} ${where} is unusual: check the temperature and what went in.`;
    case 'sweet':
    case 'sour':
    case 'fizz':
    case 'strength':
      return t`${capital(tasteSaid(reading.kind, reading.value))} ${where} is unusual: check the sugar that went in.`;
    default: {
      const digits = reading.kind === 'sg' ? 3 : 1;
      return t`${measures[reading.kind]} ${reading.value.toFixed(digits)}${units[reading.kind] ?? ''} ${where} is unusual; about ${expected.toFixed(digits)} was expected. Read it again, gas driven off.`;
    }
  }
}
