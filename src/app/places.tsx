export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { PlacesScreen as default } from '@/features/places/lazy';
