import { day, night, type Tokens } from './tokens';

/** What a colour is for. Every screen speaks in these. */
export interface Roles {
  readonly dark: boolean;
  readonly ground: string;
  readonly card: string;
  readonly well: string;
  readonly text: string;
  readonly softText: string;
  readonly hairline: string;
  /** Main buttons are ink on paper, turned over at night. */
  readonly button: string;
  readonly onButton: string;
  readonly starter: string;
  readonly starterLiquid: string;
  readonly brew: string;
  readonly brewLiquid: string;
  readonly bottle: string;
  readonly glass: string;
  readonly good: string;
  readonly here: string;
  readonly warning: string;
  readonly danger: string;
  readonly foam: string;
  /** Behind a sheet. */
  readonly veil: string;
}

const rolesOf = (t: Tokens, dark: boolean): Roles => ({
  dark,
  ground: t.paper,
  card: t.raised,
  well: t.sunk,
  text: t.ink,
  softText: t.softInk,
  hairline: t.line,
  button: t.ink,
  onButton: t.paper,
  starter: t.ginger,
  starterLiquid: t.gingerBody,
  brew: t.hibiscus,
  brewLiquid: t.hibiscusBody,
  bottle: t.glass,
  glass: t.glassBody,
  good: t.leaf,
  here: t.leafBody,
  warning: t.warning,
  danger: t.danger,
  foam: t.foam,
  veil: t.veil,
});

export const dayRoles = rolesOf(day, false);
export const nightRoles = rolesOf(night, true);
