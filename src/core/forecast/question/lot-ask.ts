import type { CultureTable } from '../../cultures/registry';
import type { UsualAbsence } from '../../kitchen/absence';
import { cautionOf } from '../../settings/caution';
import { ceilingOf } from '../../settings/alcohol-ceiling';
import { celsiusAt, type Warmths } from '../../kitchen/places';
import { limitOf, strengthIn } from '../../settings/wear-of-makes';
import type { HasSettings } from '../../settings/settings';
import { type WakingHours } from '../../kitchen/waking';
import { wakingOf } from '../../settings/waking-hours';
import type { Lot } from '../../lots/lot';
import type { LotFinder } from '../../lots/pitch';

import type { Risk } from '../read-off/failure';
import { noHabits, type Habits } from './habits';
import { squeezedFor } from './pilot';
import { bottlingSweetness, dosedSugar, pouredSweetness } from './wanted-sweetness';
import { hourMs } from '../../duration';
import { keepsGas } from '../../vessels/vessel';

/** Looks that can be asked for: by hand and tongue, or with an instrument the maker has shown to own. */
export type ObservationKind = 'squeeze' | 'hiss' | 'sweet' | 'foam' | 'gaugeBar' | 'sg';

interface LotAsker {
  readonly find: LotFinder;
  readonly root: Lot;
  readonly now: number;
  readonly warmths: Warmths;
  readonly household?: HasSettings;
  readonly habits?: Habits;
}

/** What is asked of one lot of a family. */
export interface LotAsk {
  readonly lotId: string;
  /** Which run: 0 the jar, n the branch before. */
  readonly run: number;
  readonly wantedVolumes: number;
  readonly wantedSweetness: number;
  /** Working limit of a sealed bottle, bar gauge; null for what is not sealed. */
  readonly limitBar: number | null;
  /** Hour at which it was sealed; null when it is not. */
  readonly sealedFromHour: number | null;
  /**
   * When it is asked, hours from the start, in half-days, or in quarter-days where it may be time to chill: a question is not
   * another one every minute. Not before its last look: what could have been done before that is past.
   */
  readonly nowHour: number;
  /** How warm the counter is, for what stands in the fridge and might go back there; null for the rest. */
  readonly counterCelsius: number | null;
  /** When somebody is up: for what stands warm; null for the rest. How sweet it is meant to be when it is poured, g/L. */
  readonly waking: WakingHours | null;
  /** When nobody is ever there though awake; left out where nothing is known of it. */
  readonly absence?: UsualAbsence;
  readonly pouredSweetness: number;
  /** When its batch was last felt, heard or read by a gauge, or a jar tasted, hours from the start; null for never. */
  readonly lookedHour: number | null;
  /** Looks that can be asked for. */
  readonly looks: readonly ObservationKind[];
  /** Its household never makes them: what they would bring is said, and none is asked for. */
  readonly neverFelt?: true;
  /** Alcohol that it should not pass when it is poured, % by volume. */
  readonly ceilingPercent?: number;
  /** What its batch's glass is thought to bear and how careful its maker is; null for what is not sealed, or not known. */
  readonly risk: Risk | null;
  /** Another bottle of its batch, filled alike, has burst: this one is not to be handled. */
  readonly burstBeside?: true;
  /** How much later than at its best it is meant to be chilled, hours. */
  readonly laterHours: number;
}

/** A closed bottle that has not been opened. */
export const isUnderPressure = (lot: Lot): boolean =>
  keepsGas(lot.vessel, lot.closure) && !lot.opened && !lot.ended;

function riskOf({ household = { settings: {} }, now }: LotAsker, lot: Lot, bottles: number): Risk | null {
  const strength = keepsGas(lot.vessel, lot.closure) ? strengthIn(lot.vessel, household, now) : null;
  return strength && { strength, bottles: Math.max(1, bottles), caution: cautionOf(household) };
}

const ofPressure: readonly string[] = ['squeeze', 'hiss', 'gaugeBar'];

const lastRead = (lots: readonly (Lot | null)[], kinds: readonly string[], start: number): number | null => {
  const seen = lots.flatMap((each) =>
    (each?.events ?? []).flatMap((event) =>
      event.kind === 'read' && event.readings.some(({ kind }) => kinds.includes(kind)) ? [event.at] : [],
    ),
  );
  return seen.length > 0 ? (Math.max(...seen) - start) / hourMs : null;
};

/** The last look at the pressure of a bottle, or of the pilot that is felt for it. */
const feltHour = (lot: Lot, { find }: LotAsker, start: number, cultures: CultureTable): number | null =>
  lastRead([lot, squeezedFor(lot, find, cultures)], ofPressure, start);

/** What is asked of a lot: which run, what is wanted of it, what its glass bears. */
export function lotAsk(
  ask: LotAsker,
  lot: Lot,
  run: number,
  start: number,
  cultures: CultureTable,
  bottles: number,
): LotAsk {
  const { root, now, warmths } = ask;
  const wantedVolumes = root.recipe?.wantedVolumes ?? 2.5;
  const sealed = keepsGas(lot.vessel, lot.closure);
  const over = lot.opened !== null || lot.ended !== null;
  const closed = lot.events.find((event) => event.kind === 'closed' && event.closure === 'sealed');
  const warm = lot.place !== 'fridge' && !over;
  const every = sealed && warm ? 6 : 12;
  const household = ask.household ?? { settings: {} };
  const { liked, neverFeels, absence } = ask.habits ?? noHabits;
  const ceiling = ceilingOf(household);
  const sealedAt = lot.firstClosure === 'sealed' ? lot.begunAt : (closed?.at ?? lot.begunAt);
  const lookedHour = !warm
    ? null
    : sealed
      ? feltHour(lot, ask, start, cultures)
      : lastRead([lot], ['sweet'], start);
  return {
    lotId: lot.id,
    run,
    wantedVolumes,
    wantedSweetness: bottlingSweetness(root, wantedVolumes, { ...ask, cultures }, liked),
    limitBar: sealed ? limitOf(lot.vessel, household) : null,
    sealedFromHour: sealed ? Math.max(0, (sealedAt - start) / hourMs) : null,
    nowHour: Math.max(0, lookedHour ?? 0, Math.floor((now - start) / (every * hourMs)) * every),
    waking: warm ? wakingOf(household) : null,
    pouredSweetness: pouredSweetness(
      root,
      { ...ask, cultures },
      liked,
      lot.id === root.id ? 0 : dosedSugar(lot),
    ),
    lookedHour,
    counterCelsius: sealed && lot.place === 'fridge' && !over ? celsiusAt(warmths, 'counter', now) : null,
    looks:
      over || lot.place === 'fridge'
        ? []
        : observationsFor(sealed, [root, lot], squeezedFor(lot, ask.find, cultures) ? 'squeeze' : 'hiss'),
    ...(sealed && neverFeels ? { neverFelt: true } : {}),
    ...(warm && (absence.weekdays ?? absence.weekends ?? absence.said) ? { absence } : {}),
    ...(ceiling === null ? {} : { ceilingPercent: ceiling }),
    risk: riskOf(ask, lot, bottles),
    laterHours: (lot.chillDays ?? 0) * 24,
  };
}

/**
 * What can be looked at: by hand and tongue always, with an instrument when it was used before.
 *
 * @param by how a sealed bottle's pressure is felt: a soft bottle of its batch squeezed, or one cap eased
 * @returns none of what is not sealed by `by`
 */
export function observationsFor(
  sealed: boolean,
  path: readonly Lot[],
  by: 'squeeze' | 'hiss',
): readonly ObservationKind[] {
  const used = new Set(
    path.flatMap(({ events }) =>
      events.flatMap((event) => (event.kind === 'read' ? event.readings.map(({ kind }) => kind) : [])),
    ),
  );
  return sealed
    ? [by, ...(used.has('gaugeBar') ? (['gaugeBar'] as const) : [])]
    : ['sweet', 'foam', ...(used.has('sg') ? (['sg'] as const) : [])];
}
