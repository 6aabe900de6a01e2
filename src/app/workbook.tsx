export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { WorkbookScreen as default } from '@/features/workbook/lazy';
