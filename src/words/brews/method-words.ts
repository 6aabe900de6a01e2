import type { Method, When } from '@/core/lots/records/method';
import { t } from '@/core/language/t';

interface Option<V> {
  readonly value: V;
  readonly label: string;
  /** Why some makers do it so. */
  readonly why: string;
}

type Options<K extends keyof Method> = readonly Option<Method[K]>[];

/** The schools of a brew day, each with its reason: a choice, not a verdict. */
export const methodOptions = {
  water: [
    {
      value: 'stood',
      label: t`Stood open`,
      why: t`A day or two in the open lets chlorine go; chloramine stays.`,
    },
    {
      value: 'boiled',
      label: t`Boiled`,
      why: t`A quarter of an hour drives chlorine off, and the base needs it hot anyway.`,
    },
    {
      value: 'filtered',
      label: t`Filtered`,
      why: t`Charcoal takes chlorine and chloramine; a pinch of vitamin C does too.`,
    },
    { value: 'as-is', label: t`As it comes`, why: t`Well water, or a tap without chlorine.` },
  ],
  clean: [
    { value: 'no-rinse', label: t`No-rinse`, why: t`Two minutes wet, then drained: quickest.` },
    { value: 'boiling', label: t`Boiling water`, why: t`Nothing to buy; only for what stands the heat.` },
    { value: 'vinegar', label: t`Vinegar overnight`, why: t`A soak in the evening before.` },
  ],
  heat: [
    { value: 'simmer', label: t`Simmered`, why: t`More flavour in less time; some of it steams off.` },
    { value: 'steep', label: t`Steeped`, why: t`Off the boil: flowers and leaves keep their scent.` },
    { value: 'none', label: t`Cold`, why: t`Fresh taste; what lives on the fruit joins in.` },
  ],
  cool: [
    { value: 'lidded', label: t`Lid on`, why: t`Clean and slow: hours for a big pot.` },
    { value: 'open', label: t`Lid off`, why: t`Half the time; cover it against flies.` },
    { value: 'ice-bath', label: t`Ice bath`, why: t`Minutes, with ice and some stirring.` },
    { value: 'cold-water', label: t`Cold water`, why: t`Half of the water is held back and poured in cold.` },
  ],
  strain: [
    { value: 'coarse', label: t`Coarse`, why: t`A sieve: quick, some pulp stays.` },
    { value: 'fine', label: t`Fine`, why: t`Clear enough, and little is lost.` },
    { value: 'cloth', label: t`Cloth`, why: t`Clearest and calmest on opening; slow, and it keeps some.` },
    {
      value: 'pulp-in',
      label: t`Pulp in`,
      why: t`All flavour and fibre; sediment, and violent foam on opening.`,
    },
  ],
  strained: [
    { value: 'before', label: t`Before pitching`, why: t`A clear ferment.` },
    {
      value: 'after',
      label: t`After the first ferment`,
      why: t`Solids lie in it and give more; keep them under.`,
    },
  ],
  closure: [
    { value: 'airlock', label: t`Airlock`, why: t`No air, no flies, no hands.` },
    { value: 'loose-lid', label: t`Loose lid`, why: t`Gas finds its way; lift it once a day.` },
    { value: 'cloth', label: t`Cloth`, why: t`Air for a mother; sour with time. Weave it fine.` },
    {
      value: 'sealed',
      label: t`Closed, lid pressed`,
      why: t`Its lid is pressed and lifted once a day, in the fridge too. An airlock or a loose lid is safer.`,
    },
  ],
} as const satisfies {
  readonly [K in 'water' | 'clean' | 'heat' | 'cool' | 'strain' | 'strained' | 'closure']: Options<K>;
};

export const methodTitles = {
  water: t`Water`,
  clean: t`Clean`,
  heat: t`The base`,
  cool: t`Cool it`,
  strain: t`Strain through`,
  strained: t`When strained`,
  closure: t`Covered with`,
} as const;

/** What a method's value is called. */
export const methodLabel = (key: keyof typeof methodOptions, value: string): string =>
  methodOptions[key].find((option) => option.value === value)?.label ?? value;

export const whenOptions: readonly { readonly value: When; readonly label: string }[] = [
  { value: 'pot', label: t`With the heat` },
  { value: 'cold', label: t`Cold, in the jar` },
  { value: 'last', label: t`Once it is cool` },
  { value: 'infusion', label: t`Steeps after` },
];
