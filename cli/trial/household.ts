import { todayOf, type Today, type TodayTask } from '../today/today.ts';
import { writeActs } from '../today/write-acts.ts';
import { emptyJournal, type Journal } from '../../src/core/journal/journal.ts';
import type { OpeningKind } from '../../src/core/lots/lot.ts';
import { drawBatch, drawKitchen } from '../calibration/courses.ts';
import { cultures, type Kitchen, type Truth } from '../calibration/truths.ts';
import { begun, litres, mixed, pitchedAndFilled } from './household-acts.ts';
import { drawFrom, jarHour, newJar, type Jar } from './jar.ts';
import { chilledAt, fill, squeezed, type Bottles, type Poured } from './world.ts';

export interface LivedBatch {
  /** 1 for its first. */
  readonly number: number;
  readonly bottles: Bottles;
  /** Instant of hour 0 of its course, ms. */
  readonly start: number;
  /** Hour it was chilled at, from the start. */
  readonly hour: number;
  readonly looks: number;
  readonly poured: Poured;
}

export interface Lived {
  readonly batches: readonly LivedBatch[];
  readonly jarAlive: number;
  /** What Today asked for and it did: feeds, looks, rests, chillings. */
  readonly acts: number;
  readonly asked: number;
}

export interface HouseholdOfTrial {
  readonly truth: Truth;
  readonly kitchen: Kitchen;
  /** Room in the middle of its sixty days, °C, and how far the season moves it. */
  readonly celsius: number;
  readonly season: number;
  readonly begins: number;
}

const hourMs = 3_600_000;
/** Days that a trial lasts. */
const sixtyDays = 60;
const away = { from: 35, to: 45 };
const squeezes = new Set(['soft', 'gives', 'firm', 'rock']);

export function drawHousehold(
  truths: readonly Truth[],
  uniform: () => number,
  normal: () => number,
): HouseholdOfTrial {
  return {
    truth: truths[Math.floor(uniform() * truths.length)]!,
    kitchen: drawKitchen(normal),
    celsius: 19 + 6 * uniform(),
    season: 2.5 * (uniform() - 0.5),
    begins: new Date(2026, Math.floor(12 * uniform()), 1 + Math.floor(28 * uniform()), 18).getTime(),
  };
}

/** At home from seven to eight and from half past five on working days, all day at weekends; up until half past ten. */
function isHome(at: number): boolean {
  const date = new Date(at);
  const hour = date.getHours() + date.getMinutes() / 60;
  if (hour < 7 || hour > 22.5) return false;
  return date.getDay() % 6 === 0 || hour < 8 || hour >= 17.5;
}

function homeFrom(at: number): number {
  let then = at;
  while (!isHome(then)) then += hourMs / 4;
  return then;
}

const openingOf = (volumes: number): OpeningKind =>
  volumes < 1 ? 'still' : volumes < 2 ? 'gentle' : volumes < 3.6 ? 'lively' : 'gusher';

interface Filled {
  readonly bottles: Bottles;
  readonly start: number;
  readonly ids: readonly string[];
  readonly pilotId: string;
  looks: number;
}

class Household {
  private journal: Journal = emptyJournal;
  private readonly jar: Jar;
  private jarId = '';
  private lived: number;
  private filled: Filled | null = null;
  private readonly batches: LivedBatch[] = [];
  private cooling: {
    readonly ids: readonly string[];
    readonly from: number;
    readonly volumes: number;
  } | null = null;
  /** Tasks that are put off until, by id and day. */
  private readonly putOff = new Map<string, number>();
  private acts = 0;
  private asked = 0;

  constructor(
    private readonly of: HouseholdOfTrial,
    private readonly uniform: () => number,
    private readonly normal: () => number,
    private readonly days: number,
  ) {
    this.jar = newJar(700, 35);
    this.lived = of.begins;
  }

  live(): Lived {
    const { begins } = this.of;
    this.begin(begins);
    const end = begins + this.days * 24 * hourMs;
    let now = homeFrom(begins + 14 * hourMs);
    let planned = false;
    // Who has just looked stands before the bottles: what is due there then is done at once.
    let looked = false;
    while (now < end) {
      this.wait(now);
      const day = (now - begins) / (24 * hourMs);
      if (!planned && day >= away.from - 4) {
        planned = true;
        const at = (each: number) => begins + each * 24 * hourMs;
        this.write(now, {
          kind: 'kept',
          thing: 'plan',
          key: 'away',
          value: { from: at(away.from), to: at(away.to) },
        });
      }
      if (day > away.from && day < away.to) {
        now = homeFrom(begins + away.to * 24 * hourMs + 1000);
        continue;
      }
      this.perhapsDrink(now);
      const today = this.today(now);
      const atHand = looked;
      looked = false;
      for (const task of today.tasks)
        if (this.isDue(task, now, atHand)) looked = this.follow(task, now) || looked;
      this.perhapsBrew(today, now, day);
      now = looked ? now + hourMs / 20 : this.next(today, now);
    }
    return { batches: this.batches, jarAlive: this.jar.alive, acts: this.acts, asked: this.asked };
  }

  private room(at: number): number {
    const along = (at - this.of.begins) / (sixtyDays * 24 * hourMs);
    return this.of.celsius + this.of.season * (along - 0.5);
  }

  /** The jar lives until an instant. */
  private wait(until: number): void {
    for (; this.lived < until; this.lived += hourMs)
      jarHour(this.jar, this.of.truth.warmth(this.room(this.lived)));
  }

  private today(now: number): Today {
    this.asked += 1;
    return todayOf(this.journal.household, now);
  }

  private write(now: number, ...acts: readonly object[]): string[] {
    const writing = writeActs(
      this.journal,
      acts.map((act, i) => ({ at: now + i, ...act })),
    );
    if (!writing.ok) throw new Error(writing.problems.join('\n'));
    this.journal = writing.journal;
    return writing.entries.map(({ id }) => id);
  }

  private begin(at: number): void {
    const [, jarId] = this.write(at, ...begun(Math.round(this.room(at))));
    this.jarId = jarId!;
  }

  /** Due, and neither skipped (one in fifteen, for half a day) nor late (one in five, by hours). */
  private isDue(task: TodayTask, now: number, atHand: boolean): boolean {
    const due = new Date(task.from).getTime();
    if (due > now + hourMs / 10) return false;
    if (atHand && task.verb === 'chill') return true;
    const key = `${task.id} ${task.from.slice(0, 13)}`;
    if (!this.putOff.has(key)) {
      const luck = this.uniform();
      this.putOff.set(
        key,
        luck < 1 / 15
          ? now + 12 * hourMs
          : luck < 1 / 15 + 1 / 5
            ? now + (1 + 4 * this.uniform()) * hourMs
            : now,
      );
    }
    return now >= this.putOff.get(key)!;
  }

  /** @returns whether it was a look, after which Today says something new */
  private follow(task: TodayTask, now: number): boolean {
    const { filled } = this;
    if (task.verb !== 'open') this.acts += 1;
    switch (task.verb) {
      case 'feed':
      case 'wake':
      case 'rest': {
        if (!task.lots.includes(this.jarId)) return false;
        if (task.verb !== 'feed')
          this.write(now, {
            kind: 'moved',
            lots: [this.jarId],
            place: task.verb === 'rest' ? 'fridge' : 'counter',
          });
        this.jar.isCold = task.verb === 'rest' || (task.verb === 'feed' && this.jar.isCold);
        if (task.amounts.length > 0) this.feed(task, now);
        return false;
      }
      case 'look': {
        if (!filled || !task.lots.includes(filled.pilotId)) return false;
        if (!task.rule.some(({ result }) => squeezes.has(result))) return false;
        const hour = (now - filled.start) / hourMs;
        const { value } = squeezed(filled.bottles, hour, this.uniform, this.normal);
        filled.looks += 1;
        this.write(now, { kind: 'observed', lotId: filled.pilotId, signs: { squeeze: value } });
        return true;
      }
      case 'chill':
        if (filled && task.lots.some((id) => filled.ids.includes(id))) this.chill(filled, now);
        return false;
      case 'tend':
        this.write(now, { kind: 'stirred', lots: task.lots });
        return false;
      default:
        return false;
    }
  }

  private feed(task: TodayTask, now: number): void {
    const portions = task.amounts.map(({ what, grams, ml }) =>
      grams === undefined ? { what, ml } : { what, grams: Math.round(grams) },
    );
    // The spoon misses by a tenth, and nobody knows.
    const spoon = 1 + 0.1 * this.normal();
    for (const { what, grams = 0, ml = 0 } of task.amounts) {
      if (what.includes('sugar')) this.jar.sugar += grams * spoon;
      if (what === 'water') this.jar.ml += ml;
    }
    this.write(now, { kind: 'portions-added', lotId: this.jarId, portions });
  }

  private chill(filled: Filled, now: number): void {
    this.write(now, { kind: 'moved', lots: filled.ids, place: 'fridge' });
    const hour = (now - filled.start) / hourMs;
    const poured = chilledAt(filled.bottles, hour);
    this.batches.push({ ...filled, number: this.batches.length + 1, hour, poured });
    this.filled = null;
    this.cooling = { ids: filled.ids, from: now, volumes: poured.volumes };
  }

  /** Opened and drunk when they have been cold for three days; told as they open. */
  private perhapsDrink(now: number): void {
    if (!this.cooling || now < this.cooling.from + 72 * hourMs) return;
    const { ids, volumes } = this.cooling;
    this.cooling = null;
    this.write(now, ...ids.map((lotId) => ({ kind: 'opened', lotId, how: openingOf(volumes) })), {
      kind: 'ended',
      lots: ids,
      how: 'drunk',
      why: '',
    });
  }

  /** On Saturdays, when the jar is lively enough by its own account and nothing stands warm; not within a week of leaving. */
  private perhapsBrew(today: Today, now: number, day: number): void {
    const jar = today.lots.find(({ id }) => id === this.jarId);
    if (this.filled || this.cooling || !jar?.liveliness || jar.liveliness[2]! < 0.5 || jar.place === 'fridge')
      return;
    if (new Date(now).getDay() !== 6 || new Date(now).getHours() < 9) return;
    if (day > away.from - 6 && day < away.to + 2) return;
    if (day > this.days - 8) return;
    const room = Math.round(this.room(now));
    const [, brew] = this.write(now, ...mixed(this.batches.length + 1, room));
    const [, filledId] = this.write(
      now + hourMs / 2,
      ...pitchedAndFilled(this.jarId, brew!, room, now + hourMs),
    );
    const drawn = drawBatch(this.of.kitchen, this.normal);
    const bottles = fill(
      {
        truth: this.of.truth,
        culture: cultures.bug,
        // A jar that is not at its best brings fewer live cells.
        kitchen: { ...drawn, cells: drawn.cells * Math.max(0.05, this.jar.alive) ** 0.5 },
        sugar: 81,
        celsius: room,
        sealedFrom: 0.5,
      },
      this.uniform,
      this.normal,
    );
    drawFrom(this.jar, 1000 * litres.draw);
    const ids = Array.from({ length: litres.glass + 1 }, (_, i) => `${filledId!}-${i + 1}`);
    this.filled = { bottles, start: now + hourMs / 2, ids, pilotId: ids.at(-1)!, looks: 0 };
  }

  /** The next moment at home when something is due, or the next evening. */
  private next(today: Today, now: number): number {
    const soon = now + hourMs / 2;
    const evening = new Date(now);
    evening.setHours(new Date(now).getDay() === 5 ? 34 : 18, 30, 0, 0);
    if (evening.getTime() <= soon) evening.setDate(evening.getDate() + 1);
    const times = today.tasks.flatMap((task) => {
      const due = new Date(task.from).getTime();
      const put = this.putOff.get(`${task.id} ${task.from.slice(0, 13)}`);
      return [due, put ?? due];
    });
    return homeFrom(Math.min(evening.getTime(), ...times.filter((at) => at > soon)));
  }
}

/**
 * A household that does what Today says, by `todayOf` and `writeActs` alone: late now and then, forgetful, away for ten days, and
 * with a brew a week once its jar is lively.
 *
 * @param days how long, 1–60
 * @throws Error when an act that Today asked for is refused
 */
export const liveAs = (
  of: HouseholdOfTrial,
  uniform: () => number,
  normal: () => number,
  days = sixtyDays,
): Lived => new Household(of, uniform, normal, days).live();
