import { canBeSeen } from '@/core/lots/records/name';
import { t } from '@/core/language/t';

/** What is wrong with a name, or nothing: letters that are drawn as nothing are no name. */
export function nameFault(name: string): string | undefined {
  if (!canBeSeen(name)) return t`Give it a name.`;
  return name.trim().length > 80 ? t`At most 80 letters.` : undefined;
}
