import type { CareWarning } from '@/core/starter/school-warnings';
import type { SchoolId } from '@/core/starter/schools';
import { duration, plural } from '../moment';

/** A school, its ways, and why makers keep to each. Reasons, not verdicts. */
export const schoolWords: Readonly<
  Record<
    SchoolId,
    {
      readonly title: string;
      readonly ways: Readonly<Record<string, readonly [label: string, reason: string]>>;
    }
  >
> = {
  feeds: {
    title: 'Feeds',
    ways: {
      dry: [
        'Dry: plant and sugar only',
        'The jar keeps its level and grows stronger; water only replaces what is drawn.',
      ],
      water: [
        'Water with each feed',
        'It grows with each feed, a little milder: more to draw, and sooner a full jar.',
      ],
    },
  },
  minerals: {
    title: 'Sugar and minerals',
    ways: {
      minerals: [
        'Unrefined sugar, a pinch of bicarbonate',
        'Grains grow on minerals; the liquid tastes a little of molasses.',
      ],
      white: [
        'White sugar',
        'A clean taste. Over some cycles grains may shrink: weigh them, and give minerals now and then.',
      ],
    },
  },
  metal: {
    title: 'Metal',
    ways: {
      none: ['No metal at all', 'Wood, plastic and cloth: nothing that sour liquid could dissolve.'],
      brief: [
        'Stainless steel, briefly',
        'A sieve or spoon of sound stainless steel for a moment does no harm.',
      ],
    },
  },
  skin: {
    title: 'Ginger',
    ways: {
      unpeeled: ['Unpeeled, unwashed', 'The life sits in the skin. Untreated ginger only.'],
      peeled: ['Peeled and rinsed', 'Cleaner and milder, but it brings little life of its own.'],
    },
  },
  medium: {
    title: 'Grains live in',
    ways: {
      'sugar-water': ['Sugar water', 'They grow and keep for years.'],
      juice: ['Juice', 'A drink at once; acids and oils wear the grains.'],
    },
  },
  additions: {
    title: 'In the first ferment',
    ways: {
      plain: ['Plain', 'Flavours come after straining: grains stay clean.'],
      'lemon-ginger': [
        'Lemon or ginger with the grains',
        'Flavour from the start, and sour early; some grains mind it.',
      ],
    },
  },
};

/** A warning of a school, in a sentence. */
export function careWarningWords(warning: CareWarning): string {
  switch (warning.kind) {
    case 'grows':
      return warning.feedsLeft === 0
        ? 'Water with each feed: it is full. Draw or pour some off before the next.'
        : `Water with each feed: full after ${plural(warning.feedsLeft, 'feed')} more.`;
    case 'vent':
      return `Sealed, and not opened for ${duration(warning.hours)}: let the gas out, slowly, away from your face.`;
    case 'minerals':
      return warning.shrinking
        ? 'White sugar, and the grains shrink: a pinch of bicarbonate or a little molasses in the next water.'
        : 'White sugar: weigh the grains now and then; shrinking ones want minerals.';
    case 'peeled':
      return 'Peeled ginger brings little life: it must come from a spoon of a lively jar, a few raisins, or whey.';
    case 'insects':
      return 'Fine, close cloth, tight at the rim: flies come through loose weave; a saucer of water keeps ants off.';
    case 'surplus':
      return warning.of === 'medium'
        ? 'Grains in juice: surplus ones only, the others stay in sugar water.'
        : 'Lemon or ginger with the grains: use surplus ones, and take rind and oil out after a day.';
    case 'steel':
      return 'Stainless steel for a moment only; reactive metal (aluminium, copper, iron) never.';
  }
}
