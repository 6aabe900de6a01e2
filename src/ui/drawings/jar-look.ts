import type { ReactNode } from 'react';
import type { Roles } from '../theme/roles';

/** Where the liquid of a jar lies in its drawing, and how lively it is. */
export interface JarInside {
  readonly roles: Roles;
  readonly surface: number;
  readonly bottom: number;
  /** 0 asleep – 1 at its peak. */
  readonly liveliness: number;
}

/** How a kind looks in its jar: the liquid's colour, and what floats or lies in it. */
export interface JarLook {
  readonly liquid: (roles: Roles) => { readonly fill: string; readonly opacity: number };
  readonly solids: (inside: JarInside) => ReactNode;
}
