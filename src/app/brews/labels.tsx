export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { LabelsScreen as default } from '@/features/labels/lazy';
