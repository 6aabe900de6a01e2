import type { AnswerCache, KeptAnswer } from '../../workers/forecast-queue';
import type { FamilyAnswer, LotSeries } from '../../core/forecast/answer/family-answer';
import type { FiveNumbers } from '../../core/forecast/read-off/weighted-quantiles';
import { recordOf } from '../../core/record-of';
import { whenIdle } from '../breathe';
import type { Connection } from './connection';

const prefix = 'answer:';

/** Answers on disk, so that a start shows them before anything is worked out. Losing them costs only time. */
export function answerCache(connection: Connection): AnswerCache {
  let dirty = new Map<string, string>();
  const flush = () => {
    const values = dirty;
    dirty = new Map();
    void connection.write(values).catch(() => undefined);
  };
  return {
    load: async () => {
      const kept = new Map<string, KeptAnswer>();
      for (const [key, text] of await connection.readAll()) {
        if (key.startsWith(prefix)) kept.set(key.slice(prefix.length), JSON.parse(text) as KeptAnswer);
      }
      return kept;
    },
    wipe: async () => {
      dirty = new Map();
      const all = await connection.readAll();
      await connection.write(new Map([...all.keys()].map((key) => [key, null])));
    },
    put: (subject, answer) => {
      if (dirty.size === 0) whenIdle(flush);
      dirty.set(
        prefix + subject,
        JSON.stringify(answer.family ? { ...answer, family: thinned(answer.family) } : answer, shortened),
      );
    },
  };
}

/** Four digits are more than anybody sees; what never happens is written as a word. */
const shortened = (_key: string, value: unknown): unknown =>
  typeof value !== 'number'
    ? value
    : Number.isFinite(value)
      ? Math.abs(value) > 1e6
        ? value
        : Number(value.toPrecision(5))
      : 1e9;

const lanes = ['sweet', 'fizz', 'gauge', 'ph', 'alcohol'] as const satisfies readonly (keyof LotSeries)[];

/** A row every three hours is enough until the runs are there. */
function thinned(answer: FamilyAnswer): FamilyAnswer {
  return {
    ...answer,
    lots: answer.lots.map((lot) => {
      const keep = (_: unknown, i: number) => i % 3 === 0 || i === lot.hours.length - 1;
      const thin = (rows: readonly FiveNumbers[]) => rows.filter(keep);
      const series = recordOf(lanes, (lane) => thin(lot.series[lane]));
      return { ...lot, hours: lot.hours.filter(keep), series };
    }),
  };
}
