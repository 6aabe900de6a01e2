import type { ForecastWarning, UnusualReading } from '@/core/forecast/ensemble/warnings';
import { forecastWarningWords } from './forecast-warnings';

const unusual = (
  reading: UnusualReading['reading'],
  more: Partial<UnusualReading> = {},
): ForecastWarning => ({
  code: 'reading.unusual',
  params: { reading, celsius: 20.4, expected: 0, below: false, ...more },
});

test.each<readonly [ForecastWarning, string | RegExp]>([
  [{ code: 'dose.old', params: { alive: 0.43 } }, /about 4 in ten of its cells should be alive/],
  [{ code: 'dose.old', params: { alive: 0.05 } }, /less than one in ten of its cells/],
  [
    { code: 'cells.heat', params: { dead: 0.8, celsius: 41 } },
    /^About 8 in ten of the cells should have died at 41 °C\. /,
  ],
  [{ code: 'cells.heat', params: { dead: 0.999, celsius: 41 } }, /^Nearly all /],
  [{ code: 'cells.heat', params: { dead: 0.95, celsius: 41 } }, /^More than nine in ten /],
  [{ code: 'cells.hunger', params: { dead: 0.5 } }, /^About 5 in ten of the cells should have starved/],
  [
    { code: 'cells.asleep', params: { days: 10 } },
    'After 10 days in the cold the cells sleep. In the warm they wake within a day.',
  ],
  [{ code: 'readings.disagree', params: null }, /^The readings do not fit one ferment/],
  [
    { code: 'bottles.more-than-jar', params: { filled: 4, there: 3.004 } },
    'The bottles take 4 L and the jar gives 3 L: check the litres.',
  ],
  [
    unusual({ kind: 'ph', hour: 20, value: 4.26 }, { expected: 3.8 }),
    'A pH of 4.3 after 20 h, at 20 °C is unusual; about 3.8 was expected. Read it again, gas driven off.',
  ],
  [
    unusual({ kind: 'sg', hour: 20, value: 1.05 }, { expected: 1.02 }),
    /^A gravity of 1\.050 after 20 h, .* about 1\.020 was/,
  ],
  [unusual({ kind: 'gaugeBar', hour: 20, value: 3 }), /^A gauge at 3\.0 bar .* about 0\.0 was/],
  [unusual({ kind: 'celsius', hour: 20, value: 30 }), /^A temperature of 30\.0 °C /],
  [unusual({ kind: 'brix', hour: 20, value: 30 }), /^A refractometer at 30\.0 °Brix /],
  [
    unusual({ kind: 'squeeze', hour: 20, value: 'rock' }),
    /^So much pressure after 20 h, .* Treat it as dangerous\.$/,
  ],
  [unusual({ kind: 'squeeze', hour: 20, value: 'soft' }, { below: true }), /^No fizz after 20 h/],
  [unusual({ kind: 'hiss', hour: 20, value: 'none' }, { below: true }), /^No fizz .* The seal leaks/],
  [unusual({ kind: 'squeeze', hour: 20, value: 'gives' }, { below: true }), /^So little fizz/],
  [
    unusual({ kind: 'foam', hour: 20, value: 'riding' }),
    'Foam solids riding after 20 h, at 20 °C is unusual: check the temperature and what went in.',
  ],
  [
    unusual({ kind: 'sweet', hour: 20, value: 5 }),
    'Syrupy after 20 h, at 20 °C is unusual: check the sugar that went in.',
  ],
])('%j', (warning, words) => {
  if (typeof words === 'string') expect(forecastWarningWords(warning)).toBe(words);
  else expect(forecastWarningWords(warning)).toMatch(words);
});
