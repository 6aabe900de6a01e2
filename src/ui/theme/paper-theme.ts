import { configureFonts, type MD3Theme } from 'react-native-paper';
// From their own file: the package's index would pull every component into the first load.
import { MD3DarkTheme, MD3LightTheme } from 'react-native-paper/lib/module/styles/themes';
import type { Roles } from './roles';
import { plain, strong, type } from './type';

export interface AppTheme extends MD3Theme {
  readonly roles: Roles;
}

/** Paper's own parts in our typeface, and its text in our sizes by their names. */
const fonts = {
  ...configureFonts({ config: { fontFamily: plain } }),
  ...type,
  headlineSmall: { ...type.heading, fontWeight: '400', letterSpacing: 0 },
  labelLarge: { ...type.button, fontFamily: strong, fontWeight: '400', letterSpacing: 0 },
  bodySmall: { ...type.body, fontWeight: '400', letterSpacing: 0 },
  bodyMedium: { ...type.body, fontWeight: '400', letterSpacing: 0 },
  bodyLarge: { ...type.body, fontWeight: '400', letterSpacing: 0 },
} as const;

/** Paper's components in our look. */
export function paperTheme(roles: Roles): AppTheme {
  const base = roles.dark ? MD3DarkTheme : MD3LightTheme;
  return {
    ...base,
    roles,
    roundness: 3,
    fonts,
    colors: {
      ...base.colors,
      primary: roles.brew,
      onPrimary: roles.onButton,
      primaryContainer: roles.here,
      onPrimaryContainer: roles.text,
      secondaryContainer: roles.button,
      onSecondaryContainer: roles.onButton,
      background: roles.ground,
      onBackground: roles.text,
      surface: roles.card,
      onSurface: roles.text,
      surfaceVariant: roles.well,
      onSurfaceVariant: roles.softText,
      outline: roles.softText,
      outlineVariant: roles.hairline,
      error: roles.danger,
      onError: roles.onButton,
      inverseSurface: roles.button,
      inverseOnSurface: roles.onButton,
      inversePrimary: roles.onButton,
      backdrop: roles.veil,
      elevation: {
        level0: 'transparent',
        level1: roles.card,
        level2: roles.card,
        level3: roles.card,
        level4: roles.card,
        level5: roles.card,
      },
    },
  };
}
