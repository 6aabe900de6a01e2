import type { WayToBegin } from '@/core/cultures/guides/guide';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

/** Names for jars, in the order they are proposed. */
const names = [t`Pip`, t`Tansy`, t`Moss`, t`Wren`, t`Juno`, t`Clover`, t`Otis`, t`Fern`, t`Bo`, t`Marlo`];

/** A name that nothing has yet, so that nobody must type one. @param taken names of what is there */
export function proposedName({ makes, group, name: kind }: WayToBegin, taken: readonly string[]): string {
  const plain = makes === 'packet' ? capital(kind) : makes === 'brew' ? group.split(/[,:]/)[0]! : null;
  const free = (plain ? [plain] : names).find((name) => !taken.includes(name));
  if (free) return free;
  let count = 2;
  while (taken.includes(`${plain ?? names[0]} ${count}`)) count += 1;
  return `${plain ?? names[0]} ${count}`;
}
