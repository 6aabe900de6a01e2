export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { RecipesScreen as default } from '@/features/recipes/lazy';
