export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { RecipeScreen as default } from '@/features/recipes/lazy';
