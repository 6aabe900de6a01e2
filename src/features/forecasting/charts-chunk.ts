/** What this feature puts into the chunk of charts (src/chunks/charts.ts). Reached through lazy.ts alone. */
export { ForecastSection } from './forecast-section';
export { JarReader } from './jar-reader';
