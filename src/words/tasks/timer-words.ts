import { t } from '@/core/language/t';

/** Time left as it is read at a glance: "11:32", "2:04:09", "3 d 4 h". */
export function countdown(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  if (h >= 48) return t`${Math.floor(h / 24)} d ${h % 24} h`;
  const two = (value: number) => String(value).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}
