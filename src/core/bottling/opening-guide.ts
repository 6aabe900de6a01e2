import { co2Solubility, volumesOfMoles } from '../gas/co2-solubility';
import { leastHeadspaceCm } from '../vessels/bottle-shape';

/** How to open a bottle: plainly, slowly over a bowl, letting gas off in steps, or not at all for now. */
export type OpeningWay = 'plain' | 'slow' | 'in-steps' | 'leave';

/** What makes a bottle livelier than its gas alone. */
export type Livelier = 'warm' | 'unsettled' | 'pulp' | 'full';

export interface OpeningAsk {
  /** Gas held, volumes: the 95 % edge of what is likely. */
  readonly volumes: number;
  /** Temperature of the liquid, °C. */
  readonly celsius: number;
  /** Hours it has been cold; 0 when it is not. */
  readonly hoursCold: number;
  /** Pulp and sediment, share of the liquid, 0–1. */
  readonly pulpShare: number;
  /** How far its liquid stands under the rim, cm. */
  readonly headspaceCm: number;
  /** Gauge pressure as a share of its working limit: 95 % edge. */
  readonly limitShare: number;
  /** Whether it is not to be handled at all. */
  readonly standBack: boolean;
}

export interface OpeningGuide {
  readonly way: OpeningWay;
  /** How many times more gas it holds than its liquid keeps in the open, with what makes it livelier counted. */
  readonly liveliness: number;
  readonly because: readonly Livelier[];
}

/** From so lively on: slowly, in steps, left alone. Practice. */
const slowFrom = 2;
const stepsFrom = 2.8;
const leaveFrom = 4.2;
/** What each thing adds. Practice: pulp gives bubbles their places, gas that has not settled leaves at once. */
const adds = { unsettled: 0.4, pulp: 0.5, full: 0.3 } as const;
const settledAfterHours = 24;
const pulpy = 0.01;
const warmFrom = 10;

/**
 * How a bottle is opened, by how lively it will likely be.
 *
 * Liveliness is the gas it holds over what its liquid keeps at one atmosphere and its temperature (Weiss 1974 with sugar), and
 * more for gas that has not settled, for pulp and for too little headspace.
 *
 * @returns the calmest way that is careful enough; an estimate
 * @example openingGuide({ volumes: 2.4, celsius: 4, hoursCold: 60, pulpShare: 0, headspaceCm: 4, limitShare: 0.5, standBack: false }).way // 'plain'
 */
export function openingGuide(ask: OpeningAsk): OpeningGuide {
  const keeps = volumesOfMoles(co2Solubility(ask.celsius, 50, 5));
  const because: Livelier[] = [
    ...(ask.celsius >= warmFrom ? (['warm'] as const) : []),
    ...(ask.celsius < warmFrom && ask.hoursCold < settledAfterHours ? (['unsettled'] as const) : []),
    ...(ask.pulpShare > pulpy ? (['pulp'] as const) : []),
    ...(ask.headspaceCm < leastHeadspaceCm ? (['full'] as const) : []),
  ];
  const liveliness =
    ask.volumes / keeps +
    because.reduce((sum, each) => sum + (each === 'warm' ? adds.unsettled : adds[each]), 0);
  const way: OpeningWay =
    ask.standBack || liveliness >= leaveFrom || ask.limitShare >= 1
      ? 'leave'
      : liveliness >= stepsFrom
        ? 'in-steps'
        : liveliness >= slowFrom
          ? 'slow'
          : 'plain';
  return { way, liveliness, because };
}
