import { Nowhere } from '@/ui/layout/nowhere';

export default function NotFound() {
  return <Nowhere what="page" back="/" />;
}
