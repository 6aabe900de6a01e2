/** Charts and what draws them, likewise: each feature's charts-chunk.ts. */
export * as forecasting from '@/features/forecasting/charts-chunk';
export * as starters from '@/features/starters/charts-chunk';
