import { useTheme } from 'react-native-paper';
import type { AppTheme } from './paper-theme';
import type { Roles } from './roles';

/** The colours of the theme in force, by what they are for. */
export const useRoles = (): Roles => useTheme<AppTheme>().roles;
