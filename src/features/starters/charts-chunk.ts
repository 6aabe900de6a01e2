/** What this feature puts into the chunk of charts (src/chunks/charts.ts). Reached through lazy.ts alone. */
export { JarChart } from './jar/jar-chart';
