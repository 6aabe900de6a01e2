import type { ReactNode } from 'react';
import { Portal } from 'react-native-paper';

/** Where sheets stand: over what it holds. */
export const SheetHost = ({ children }: { readonly children: ReactNode }) => (
  <Portal.Host>{children}</Portal.Host>
);
