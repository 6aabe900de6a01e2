import { later } from '@/features/shell/later';

export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export default later(async () => (await import('@/features/forms/drawer')).PlacesScreen);
