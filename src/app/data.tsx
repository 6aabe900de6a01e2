export { DataScreen as default } from '@/features/data/data-screen';
