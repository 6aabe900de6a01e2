import { Nowhere } from '@/features/shell/nowhere';

export default function NotFound() {
  return <Nowhere what="page" back="/" />;
}
