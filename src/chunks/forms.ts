/**
 * Everything that needs the form library, in one chunk that a start does not load: the bundler puts what two chunks share into
 * the first load. Each feature says in its forms-chunk.ts what of it belongs here, and in its lazy.ts how it is shown.
 */
export * as back from '@/features/back/forms-chunk';
export * as bottling from '@/features/bottling/forms-chunk';
export * as brewday from '@/features/brewday/forms-chunk';
export * as brews from '@/features/brews/forms-chunk';
export * as compare from '@/features/compare/forms-chunk';
export * as first from '@/features/first/forms-chunk';
export * as labels from '@/features/labels/forms-chunk';
export * as lots from '@/features/lots/forms-chunk';
export * as places from '@/features/places/forms-chunk';
export * as plan from '@/features/plan/forms-chunk';
export * as planning from '@/features/planning/forms-chunk';
export * as rack from '@/features/rack/forms-chunk';
export * as recipes from '@/features/recipes/forms-chunk';
export * as shell from '@/features/shell/forms-chunk';
export * as starters from '@/features/starters/forms-chunk';
export * as trouble from '@/features/trouble/forms-chunk';
export * as workbook from '@/features/workbook/forms-chunk';
