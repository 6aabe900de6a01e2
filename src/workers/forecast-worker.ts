import { expose, transfer } from 'comlink';
import { answerBatch, type BatchAsk } from '../core/forecast/batch-answer';

const api = {
  answer(ask: BatchAsk) {
    const answer = answerBatch(ask);
    const { rows, celsius, weights } = answer.run;
    return transfer(answer, [rows.buffer, celsius.buffer, weights.buffer]);
  },
};

export type ForecastWorker = typeof api;

expose(api);
