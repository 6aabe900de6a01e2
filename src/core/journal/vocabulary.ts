import { cultures } from '../cultures/registry';
import { starterKinds } from '../ferment/scenario-kinds';

/** Living things an entry may name. */
export const cultureIds = [...new Set([...starterKinds, ...cultures.map(({ id }) => id)])] as [
  string,
  ...string[],
];
