import type { CSSProperties } from 'react';
import { plain } from '@/ui/theme/type';
import { useRoles } from '@/ui/theme/use-roles';

/** The look of the browser's own pickers of days and hours, beside our text boxes. */
export function usePickerStyle(): CSSProperties {
  const roles = useRoles();
  return {
    fontSize: 18,
    fontFamily: plain,
    padding: 12,
    color: roles.text,
    colorScheme: roles.dark ? 'dark' : 'light',
    backgroundColor: roles.card,
    border: `1px solid ${roles.softText}`,
    borderRadius: 4,
    minHeight: 48,
    boxSizing: 'border-box',
  };
}
