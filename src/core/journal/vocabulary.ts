import { cultures } from '../cultures/registry';
import { baseKinds as bases, starterKinds } from '../ferment/scenario-kinds';

/** Kinds of base and of living things an entry may name. */
export const baseKinds = bases;
export const cultureIds = [...new Set([...starterKinds, ...cultures.map(({ id }) => id)])] as [
  string,
  ...string[],
];
