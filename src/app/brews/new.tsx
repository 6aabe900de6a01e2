export { NewBrewPlace as default } from '@/features/brews/brews-place';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
