import type { Method, When } from '@/core/lots/records/method';

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
      label: 'Stood open',
      why: 'A day or two in the open lets chlorine go; chloramine stays.',
    },
    {
      value: 'boiled',
      label: 'Boiled',
      why: 'A quarter of an hour drives chlorine off, and the base needs it hot anyway.',
    },
    {
      value: 'filtered',
      label: 'Filtered',
      why: 'Charcoal takes chlorine and chloramine; a pinch of vitamin C does too.',
    },
    { value: 'as-is', label: 'As it comes', why: 'Well water, or a tap without chlorine.' },
  ],
  clean: [
    { value: 'no-rinse', label: 'No-rinse', why: 'Two minutes wet, then drained: quickest.' },
    { value: 'boiling', label: 'Boiling water', why: 'Nothing to buy; only for what stands the heat.' },
    { value: 'vinegar', label: 'Vinegar overnight', why: 'A soak in the evening before.' },
  ],
  heat: [
    { value: 'simmer', label: 'Simmered', why: 'More flavour in less time; some of it steams off.' },
    { value: 'steep', label: 'Steeped', why: 'Off the boil: flowers and leaves keep their scent.' },
    { value: 'none', label: 'Cold', why: 'Fresh taste; what lives on the fruit joins in.' },
  ],
  cool: [
    { value: 'lidded', label: 'Lid on', why: 'Clean and slow: hours for a big pot.' },
    { value: 'open', label: 'Lid off', why: 'Half the time; cover it against flies.' },
    { value: 'ice-bath', label: 'Ice bath', why: 'Minutes, with ice and some stirring.' },
    { value: 'cold-water', label: 'Cold water', why: 'Half of the water is held back and poured in cold.' },
  ],
  strain: [
    { value: 'coarse', label: 'Coarse', why: 'A sieve: quick, some pulp stays.' },
    { value: 'fine', label: 'Fine', why: 'Clear enough, and little is lost.' },
    { value: 'cloth', label: 'Cloth', why: 'Clearest and calmest on opening; slow, and it keeps some.' },
    {
      value: 'pulp-in',
      label: 'Pulp in',
      why: 'All flavour and fibre; sediment, and violent foam on opening.',
    },
  ],
  strained: [
    { value: 'before', label: 'Before pitching', why: 'A clear ferment.' },
    {
      value: 'after',
      label: 'After the first ferment',
      why: 'Solids lie in it and give more; keep them under.',
    },
  ],
  closure: [
    { value: 'airlock', label: 'Airlock', why: 'No air, no flies, no hands.' },
    { value: 'loose-lid', label: 'Loose lid', why: 'Gas finds its way; lift it once a day.' },
    { value: 'cloth', label: 'Cloth', why: 'Air for a mother; sour with time. Weave it fine.' },
    {
      value: 'sealed',
      label: 'Closed, lid pressed',
      why: 'Its lid is pressed and lifted once a day, in the fridge too. An airlock or a loose lid is safer.',
    },
  ],
} as const satisfies {
  readonly [K in 'water' | 'clean' | 'heat' | 'cool' | 'strain' | 'strained' | 'closure']: Options<K>;
};

export const methodTitles = {
  water: 'Water',
  clean: 'Clean',
  heat: 'The base',
  cool: 'Cool it',
  strain: 'Strain through',
  strained: 'When strained',
  closure: 'Covered with',
} as const;

/** What a method's value is called. */
export const methodLabel = (key: keyof typeof methodOptions, value: string): string =>
  methodOptions[key].find((option) => option.value === value)?.label ?? value;

export const whenOptions: readonly { readonly value: When; readonly label: string }[] = [
  { value: 'pot', label: 'With the heat' },
  { value: 'cold', label: 'Cold, in the jar' },
  { value: 'last', label: 'Once it is cool' },
  { value: 'infusion', label: 'Steeps after' },
];
