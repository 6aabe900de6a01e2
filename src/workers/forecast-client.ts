import { wrap, type Remote } from 'comlink';
import { ForecastDesk } from './forecast-desk';
import type { ForecastWorker } from './forecast-worker';

let remote: Remote<ForecastWorker> | null = null;

function worker(): Remote<ForecastWorker> {
  remote ??= wrap<ForecastWorker>(new Worker(new URL('./forecast-worker', window.location.href)));
  return remote;
}

/** The app's one desk, computing in a worker of its own. */
export const forecastDesk = new ForecastDesk((ask) => worker().answer(ask) as ReturnType<ForecastDeskAnswer>);

type ForecastDeskAnswer = ConstructorParameters<typeof ForecastDesk>[0];
