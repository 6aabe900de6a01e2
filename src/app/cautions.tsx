export { CautionsScreen as default } from '@/features/more/cautions-screen';
