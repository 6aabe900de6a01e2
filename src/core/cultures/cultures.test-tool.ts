import type { Culture, JarCare } from './culture';

const tidy = (value: number) => {
  const rounded = Number(value.toPrecision(6));
  return rounded !== 0 && Math.abs(rounded) < 1e-4 ? rounded.toFixed(6).replace(/0+$/, '') : String(rounded);
};
const cells = (...values: number[]) => values.map(tidy).join(' ');
const range = ([low, high]: readonly [number, number]) => `${tidy(low)}–${tidy(high)}`;

/** What a dose of each kind brings, a line each. */
export const doseRows = (kinds: readonly Culture[]): string[] =>
  kinds.map((kind) =>
    [
      kind.id,
      kind.unit,
      ...[
        kind.yeast,
        kind.lactics,
        kind.acetics,
        kind.lagWork,
        kind.heterolactic,
        kind.lacticAcid,
        kind.vigourSpread,
        kind.residualSugar,
      ].map(tidy),
      cells(kind.dose.low, kind.dose.usual, kind.dose.high),
    ].join(' | '),
  );

/** How a jar of each kind is kept, a line each. */
export const keepingRows = (kinds: readonly (Culture & { readonly keeping: JarCare })[]): string[] =>
  kinds.map(({ id, keeping }) => {
    const { begin, feed, fresh } = keeping;
    return [
      id,
      `${begin.body} ${range(begin.bodyShare)} sugar ${range(begin.sugarShare)}`,
      cells(feed.bodyShare, feed.sugarShare, feed.everyHours),
      keeping.renews ? 'yes' : 'no',
      cells(fresh.yeast, fresh.lactics, fresh.acetics, fresh.lagWork),
      cells(keeping.settledYeast, keeping.settledLactics, keeping.settledAcetics),
      `${keeping.ripe.by} ${tidy(keeping.ripe.opens)} ${tidy(keeping.ripe.closes)}`,
      cells(...keeping.ripensDays),
      cells(keeping.mustStay, keeping.restHours, keeping.restsWeeks),
      `${keeping.closure} ${keeping.base}`,
    ].join(' | ');
  });
