import { peelId } from '@/core/cultures/registry';
import type { Act } from '@/core/journal/entry';
import type { BeginOutput, Chosen } from './begin-form';
import { t } from '@/core/language/t';

/** The entry that begins something, as it was read from the form. @param from where it comes from; empty when nobody said */
export function beginAct(
  { way, culture, keeping }: Chosen,
  { name, jarMl, portions }: BeginOutput,
  from: string,
): Act {
  const brew = way.makes === 'brew';
  const packet = way.makes === 'packet';
  const base = culture.id === peelId ? ('peel' as const) : ('raw-ginger' as const);
  return {
    kind: 'lot-begun',
    role: brew ? 'brew' : 'starter',
    name,
    vessel: { kind: packet ? 'packet' : 'jar', ml: jarMl },
    closure: keeping?.closure ?? (packet ? 'loose-lid' : 'cloth'),
    place: way.place,
    culture: culture.id,
    ...(brew ? { recipe: { base, wantedVolumes: 2.5 } } : {}),
    portions,
    ...(from ? { note: t`From ${from}` } : {}),
  };
}

/** What is said of it, and where it is found. */
export const beginSaid = ({ way }: Chosen, { name }: BeginOutput) => ({
  said: way.makes === 'packet' ? t`${name} is on the shelf.` : t`${name} is begun.`,
  place: way.makes === 'brew' ? 'brews' : 'starters',
});
