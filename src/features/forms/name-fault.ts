/** Letters that can be seen: a name of invisible ones is none. */
const visible = /[\p{L}\p{N}\p{P}\p{S}]/u;

/** What is wrong with a name, or nothing. */
export function nameFault(name: string): string | undefined {
  if (!visible.test(name)) return 'Give it a name.';
  return name.trim().length > 80 ? 'At most 80 letters.' : undefined;
}
