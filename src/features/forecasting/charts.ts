/** Charts and what draws them, in one chunk that a start does not load. Reached only through import(). */
export { JarChart } from '../starters/jar-chart';
export { ForecastSection } from './forecast-section';
export { JarReader } from './jar-reader';
