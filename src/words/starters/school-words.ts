import type { CareWarning } from '@/core/starter/school-warnings';
import type { SchoolId } from '@/core/starter/schools';
import { duration } from '../moment';
import { plural, t } from '@/core/language/t';

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
    title: t`Feeds`,
    ways: {
      dry: [
        t`Dry: plant and sugar only`,
        t`The jar keeps its level and grows stronger; water only replaces what is drawn.`,
      ],
      water: [
        t`Water with each feed`,
        t`It grows with each feed, a little milder: more to draw, and sooner a full jar.`,
      ],
    },
  },
  minerals: {
    title: t`Sugar and minerals`,
    ways: {
      minerals: [
        t`Unrefined sugar, a pinch of bicarbonate`,
        t`Grains grow on minerals; the liquid tastes a little of molasses.`,
      ],
      white: [
        t`White sugar`,
        t`A clean taste. Over some cycles grains may shrink: weigh them, and give minerals now and then.`,
      ],
    },
  },
  metal: {
    title: t`Metal`,
    ways: {
      none: [t`No metal at all`, t`Wood, plastic and cloth: nothing that sour liquid could dissolve.`],
      brief: [
        t`Stainless steel, briefly`,
        t`A sieve or spoon of sound stainless steel for a moment does no harm.`,
      ],
    },
  },
  skin: {
    title: t`Ginger`,
    ways: {
      unpeeled: [t`Unpeeled, unwashed`, t`The life sits in the skin. Untreated ginger only.`],
      peeled: [t`Peeled and rinsed`, t`Cleaner and milder, but it brings little life of its own.`],
    },
  },
  medium: {
    title: t`Grains live in`,
    ways: {
      'sugar-water': [t`Sugar water`, t`They grow and keep for years.`],
      juice: [t`Juice`, t`A drink at once; acids and oils wear the grains.`],
    },
  },
  additions: {
    title: t`In the first ferment`,
    ways: {
      plain: [t`Plain`, t`Flavours come after straining: grains stay clean.`],
      'lemon-ginger': [
        t`Lemon or ginger with the grains`,
        t`Flavour from the start, and sour early; some grains mind it.`,
      ],
    },
  },
};

/** A warning of a school, in a sentence. */
export function careWarningWords(warning: CareWarning): string {
  switch (warning.kind) {
    case 'grows':
      return warning.feedsLeft === 0
        ? t`Water with each feed: it is full. Draw or pour some off before the next.`
        : t`Water with each feed: full after ${plural(warning.feedsLeft, 'feed')} more.`;
    case 'vent':
      return t`Sealed, and not opened for ${duration(warning.hours)}: let the gas out, slowly, away from your face.`;
    case 'minerals':
      return warning.shrinking
        ? t`White sugar, and the grains shrink: a pinch of bicarbonate or a little molasses in the next water.`
        : t`White sugar: weigh the grains now and then; shrinking ones want minerals.`;
    case 'peeled':
      return t`Peeled ginger brings little life: it must come from a spoon of a lively jar, a few raisins, or whey.`;
    case 'insects':
      return t`Fine, close cloth, tight at the rim: flies come through loose weave; a saucer of water keeps ants off.`;
    case 'surplus':
      return warning.of === 'medium'
        ? t`Grains in juice: surplus ones only, the others stay in sugar water.`
        : t`Lemon or ginger with the grains: use surplus ones, and take rind and oil out after a day.`;
    case 'steel':
      return t`Stainless steel for a moment only; reactive metal (aluminium, copper, iron) never.`;
  }
}
