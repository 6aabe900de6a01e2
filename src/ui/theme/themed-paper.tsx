import { useMemo, type ReactNode } from 'react';
import { PaperProvider } from 'react-native-paper';
import { PaperIcon } from '../icons/paper-icon';
import { paperTheme } from './paper-theme';
import type { Roles } from './roles';

/** Paper asks for a font of 7,000 icons (1.3 MB) unless it is given its icons; a press answers by our own state layer. */
const settings = { icon: PaperIcon, rippleEffectEnabled: false };

/** Paper's components in our colours, type and shapes. */
export function ThemedPaper({ roles, children }: { readonly roles: Roles; readonly children: ReactNode }) {
  const theme = useMemo(() => paperTheme(roles), [roles]);
  return (
    <PaperProvider theme={theme} settings={settings}>
      {children}
    </PaperProvider>
  );
}
