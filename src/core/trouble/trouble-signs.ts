import type { JarCare } from '../cultures/culture';
import type { SignKind } from '../lots/signs';

/** What may be seen, smelled or felt on a jar in trouble; each with the look it is noted as, where one vocabulary has it. */
export const troubleSigns = {
  'no-gas': { kind: 'foam', value: 'none' },
  'still-sweet': { kind: 'smell', value: 'sweet' },
  'good-foam': { kind: 'foam', value: 'good' },
  'white-film': { kind: 'film', value: 'thin-white' },
  pellicle: { kind: 'film', value: 'pellicle' },
  fuzz: { kind: 'film', value: 'fuzzy' },
  'odd-colour': { kind: 'colour', value: 'odd' },
  vinegar: { kind: 'smell', value: 'vinegar' },
  yeasty: { kind: 'smell', value: 'yeasty' },
  egg: { kind: 'smell', value: 'egg' },
  solvent: { kind: 'smell', value: 'solvent' },
  foul: { kind: 'smell', value: 'foul' },
  slime: { kind: 'texture', value: 'ropy' },
  'shrunk-grains': { kind: 'grains', value: 'shrunk' },
  'mushy-grains': { kind: 'grains', value: 'mushy' },
  'plump-grains': { kind: 'grains', value: 'plump' },
} as const satisfies Record<string, { readonly kind: SignKind; readonly value: string } | null>;

export type TroubleSign = keyof typeof troubleSigns;
export const allTroubleSigns = Object.keys(troubleSigns) as TroubleSign[];

/** Signs that leave nothing to weigh: it is thrown out, whatever else is seen. */
export const discardSigns: readonly TroubleSign[] = ['fuzz', 'odd-colour', 'foul'];

const ofGrains: readonly TroubleSign[] = ['shrunk-grains', 'mushy-grains', 'plump-grains'];

/** Signs that can be seen on a kind: grains only where there are grains. */
export const signsOf = (keeping: JarCare, unit: 'ml' | 'g'): TroubleSign[] =>
  allTroubleSigns.filter((sign) => !ofGrains.includes(sign) || (unit === 'g' && keeping.renews));
