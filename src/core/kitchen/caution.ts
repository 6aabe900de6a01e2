/**
 * How careful a maker wants to be with glass under pressure. Careful is what nobody chose: the window closes before one
 * kitchen in twenty is past the working limit, and before one batch in two hundred has lost a bottle.
 */
export const cautions = ['careful', 'usual'] as const;
export type Caution = (typeof cautions)[number];
export const cautionKey = 'caution';

interface Keeps {
  readonly kept: Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;
}

/** What the household chose; careful when it did not. */
export const cautionOf = ({ kept }: Keeps): Caution =>
  kept.choice?.[cautionKey]?.is === 'usual' ? 'usual' : 'careful';
