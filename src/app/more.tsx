export { MoreScreen as default } from '@/features/more/more-screen';
