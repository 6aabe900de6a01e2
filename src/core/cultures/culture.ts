import type { BaseKind } from '../matter/base-kinds';

/** What a dose of a living thing brings into a base, and how it is kept: one kind, all its numbers. */
export interface Culture {
  readonly id: string;
  /** As makers say it, lower case: "ginger bug". */
  readonly name: string;
  /** Other names that makers have for it and for what it makes, plain, lower case. */
  readonly alsoCalled?: readonly string[];
  readonly unit: 'ml' | 'g';
  /** Live yeast, lactic and acetic bacteria, g dry per unit of dose (per ml or per g). */
  readonly yeast: number;
  readonly lactics: number;
  readonly acetics: number;
  /** Work still to do before growth starts, h0 = µmax·lag (Baranyi and Roberts 1994), dimensionless. */
  readonly lagWork: number;
  /** Share of hexose that the lactic bacteria turn heterolactically (with gas), 0–1. */
  readonly heterolactic: number;
  /** Lactic acid the dose brings, g per unit of dose. */
  readonly lacticAcid: number;
  /** pH of its own liquid: it brings the salts of its acids, by as much as that is above the bare acid's; left out where it brings none. */
  readonly liquidPh?: number;
  /** What is there without any dose (skins, peel), g/L; null when a dose is needed. */
  readonly bare: { readonly yeast: number; readonly lactics: number } | null;
  /** Crowding: above `reference` g/L the effective dose grows only with this power. */
  readonly crowding: { readonly reference: number; readonly power: number } | null;
  /** How widely vigour varies between kitchens: standard deviation of its logarithm. */
  readonly vigourSpread: number;
  /** °C by which it suffers from heat sooner than its cells alone would; none when left out. */
  readonly tenderBy?: number;
  /** Days in which half of a waiting dose dies at 20 °C (slower in the cold); left out for what is used fresh. */
  readonly halfLifeDays?: number;
  /** Ingredients that are this culture: a portion of one pitches a base. */
  readonly ingredients: readonly string[];
  /** Sugar that a dose still carries, g/L (or g per kg of grains). */
  readonly residualSugar: number;
  /** Usual dose as a share of the batch (ml per ml), or g per litre. */
  readonly dose: { readonly low: number; readonly high: number; readonly usual: number };
  /** How long a brew of it may lie before it is bottled, days: practice. Left out where a week covers it. */
  readonly brewsDays?: number;
  /** Most sugar a base may have before it labours, g/L: practice. */
  readonly takesSugar: number;
  /** Alcohol that stops it, % by volume; 12 where nothing is said. */
  readonly standsAbv?: number;
  /** What its strained liquid counts as, when that is another kind. */
  readonly liquidKind?: string;
  /** The liquid of a lively jar of it, as an ingredient: what a jar is begun with, or a base pitched with, when somebody has one. */
  readonly ripe?: string;
  /** Its dried form: what it swells to, the days at 22 °C until all of it is awake, and the lag work of its cells. */
  readonly dried?: {
    readonly ingredient: string;
    readonly swells: number;
    readonly days: number;
    readonly lagWork: number;
  };
  /** A packet: how its yeast is woken in water before it is pitched. */
  readonly packet?: {
    /** Warmest water, °C, water by the gram of yeast, minutes until it foams, and years from packing to its best-before date. */
    readonly mostCelsius: number;
    readonly waterMlPerGram: number;
    readonly foamsInMinutes: number;
    readonly keepsYears: number;
  };
  /** How it is kept in a jar of its own; null for what is bought or taken from another batch. */
  readonly keeping: JarCare | null;
  readonly source: string;
}

/**
 * What says that a jar is ready, and from when to when: how lively it is (0–1, falling closes it), how much of the cycle's sugar
 * is eaten (0–1), how sour it is (acids made, g/L), or what of its cells is still alive (0–1, falling closes it).
 */
export interface Ripeness {
  readonly by: 'liveliness' | 'eaten' | 'acids' | 'alive';
  readonly opens: number;
  readonly closes: number;
}

/** The rules of a jar that is kept. */
export interface JarCare {
  /** What a jar is begun with: the plant or grain, and the sweetener, as shares of the water by weight. */
  readonly begin: {
    readonly body: string;
    readonly bodyShare: readonly [low: number, high: number];
    readonly sugarShare: readonly [low: number, high: number];
  };
  /** A feed, as shares of what is in the jar, and hours between feeds at 22 °C. */
  readonly feed: { readonly bodyShare: number; readonly sugarShare: number; readonly everyHours: number };
  /** Whether a feed is fresh sugar water in place of the old (grains), or sugar and plant on top. */
  readonly renews: boolean;
  /** Live yeast and bacteria when just begun, g/L, and their lag work. */
  readonly fresh: {
    readonly yeast: number;
    readonly lactics: number;
    readonly acetics: number;
    readonly lagWork: number;
  };
  /** Live yeast a litre of a well-kept jar holds, on its solids too, g: what liveliness 1 means. A dose of the liquid brings less. */
  readonly settledYeast: number;
  readonly settledLactics: number;
  readonly settledAcetics: number;
  readonly ripe: Ripeness;
  /** Days until a new jar is first ready at 22 °C. */
  readonly ripensDays: readonly [earliest: number, usual: number, latest: number];
  /** Share of the mark that must stay in the jar to regrow, and hours of rest between draws. */
  readonly mustStay: number;
  readonly restHours: number;
  /** Weeks it lives in the fridge after a feed. */
  readonly restsWeeks: number;
  /** Days in which half of its cells die when starved at 22 °C. */
  readonly hungryHalfLifeDays: number;
  /** Closures it may have. */
  readonly closure: 'cloth' | 'loose-lid' | 'airlock';
  readonly caution: string;
  /** Base whose nutrients and acids the jar is like. */
  readonly base: BaseKind;
}

/** g/L as g per ml of dose. */
export const perMl = (gramsPerLitre: number): number => gramsPerLitre / 1000;
