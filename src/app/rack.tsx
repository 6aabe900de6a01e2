export { RackScreen as default } from '@/features/rack/rack-screen';
