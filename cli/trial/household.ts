import type { Today, TodayBranch, TodayTask } from '../today/today.ts';
import type { OpeningKind } from '../../src/core/lots/lot.ts';
import { at, drawBatch } from '../calibration/courses.ts';
import { filled, pitched, strained } from './household-acts.ts';
import { Diary } from './household-diary.ts';
import { drawFrom, type Grains, type Jar } from './jar.ts';
import { KeptJars } from './kept-jars.ts';
import { sixtyDays, type HouseholdOfTrial, type Lived, type LivedBatch } from './households.ts';
import { litres, type Scene } from './scenes.ts';
import { homeFrom, isPutOff, type PutOff } from './week.ts';
import {
  chilledAt,
  filledFrom,
  heard,
  inJar,
  sipped,
  squeezed,
  standing,
  type Bottles,
  type StandingJar,
} from './world.ts';
import { awayKey } from '../../src/core/settings/away.ts';
import { dayMs, hourMs } from '../../src/core/duration.ts';

/** A batch stands in its jar for so long at most, hours. */
const longestFirst = 14 * 24;

const openingOf = (volumes: number): OpeningKind =>
  volumes < 1 ? 'still' : volumes < 2 ? 'gentle' : volumes < 3.6 ? 'lively' : 'gusher';

interface Filled {
  readonly scene: Scene;
  readonly bottles: Bottles;
  readonly start: number;
  readonly ids: readonly string[];
  looks: number;
}

/** A first ferment. */
interface Brewing {
  readonly scene: Scene;
  readonly jar: StandingJar;
  readonly start: number;
  readonly id: string;
  sips: number;
}

class Household {
  private readonly diary = new Diary();
  private readonly jars: KeptJars;
  private lived: number;
  private brewing: Brewing | null = null;
  private filled: Filled | null = null;
  private readonly batches: LivedBatch[] = [];
  private cooling: {
    readonly ids: readonly string[];
    readonly from: number;
    /** How its bottles open; null of a jar. */
    readonly opens: OpeningKind | null;
  } | null = null;
  private readonly putOff: PutOff = new Map();
  /** When its first ferment was last tasted: not twice a day. */
  private sippedAt = -Infinity;
  private acts = 0;

  constructor(
    private readonly of: HouseholdOfTrial,
    private readonly uniform: () => number,
    private readonly normal: () => number,
    private readonly days: number,
  ) {
    this.lived = of.begins;
    this.jars = new KeptJars(of.truth, of.kitchen, normal);
  }

  live(): Lived {
    const { begins, away } = this.of;
    this.begin(begins);
    const end = begins + this.days * dayMs;
    let now = homeFrom(begins + 14 * hourMs);
    let planned = false;
    // Who has just looked stands before the bottles: what is due there then is done at once.
    let looked = false;
    while (now < end) {
      this.wait(now);
      const day = (now - begins) / dayMs;
      if (!planned && day >= away.from - 4) {
        planned = true;
        const value = { from: begins + away.from * dayMs, to: begins + away.to * dayMs };
        this.diary.write(now, { kind: 'kept', thing: 'away', key: awayKey, value });
      }
      if (day > away.from && day < away.to) {
        now = homeFrom(begins + away.to * dayMs + 1000);
        continue;
      }
      this.perhapsDrink(now);
      const today = this.diary.today(now);
      const atHand = looked;
      looked = false;
      for (const task of today.tasks)
        if (this.isDue(task, now, atHand)) looked = this.follow(task, now) || looked;
      this.perhapsBrew(today, now, day);
      now = looked ? now + hourMs / 20 : this.next(today, now);
    }
    const { acts } = this;
    return { batches: this.batches, jarAlive: this.jars.alive, acts, asked: this.diary.asked };
  }

  /** What it makes next. */
  private get turn(): Scene {
    const { scenes } = this.of.making;
    return scenes[this.batches.length % scenes.length]!;
  }

  private room(then: number): number {
    const along = (then - this.of.begins) / (sixtyDays * dayMs);
    return this.of.celsius + this.of.season * (along - 0.5);
  }

  /** Its jars live until an instant. */
  private wait(until: number): void {
    for (; this.lived < until; this.lived += hourMs) this.jars.hour(this.room(this.lived));
  }

  private begin(now: number): void {
    for (const scene of this.of.making.scenes) {
      const ids = this.diary.write(now, ...scene.begun(Math.round(this.room(now))));
      this.jars.begin(scene, ids.at(-1)!, this.room(now));
    }
  }

  private isDue(task: TodayTask, now: number, atHand: boolean): boolean {
    if (new Date(task.from).getTime() > now + hourMs / 10) return false;
    return (atHand && task.verb === 'chill') || !isPutOff(this.putOff, task, now, this.uniform);
  }

  /** @returns whether it was a look, after which Today says something new */
  private follow(task: TodayTask, now: number): boolean {
    if (task.verb !== 'open') this.acts += 1;
    switch (task.verb) {
      case 'feed':
      case 'wake':
      case 'rest':
        for (const id of task.lots) this.care(id, task, now);
        return false;
      case 'look':
        return this.look(task, now);
      case 'bottle':
        return this.perhapsBottle(now);
      case 'chill':
        if (this.brewing && task.lots.includes(this.brewing.id)) return this.perhapsBottle(now);
        if (this.filled && task.lots.some((id) => this.filled!.ids.includes(id)))
          this.chill(this.filled, now);
        return false;
      case 'stir':
      case 'shake':
        this.diary.write(now, { kind: 'stirred', lots: task.lots });
        return false;
      case 'vent':
        this.diary.write(now, { kind: 'vented', lots: task.lots, long: false });
        return false;
      default:
        return false;
    }
  }

  private look(task: TodayTask, now: number): boolean {
    const [kind, id] = task.rule[0]!.sense.split(' ') as [string, string];
    const { filled: bottles, brewing } = this;
    if (bottles?.ids.includes(id)) {
      const hour = (now - bottles.start) / hourMs;
      const value =
        kind === 'squeeze'
          ? squeezed(bottles.bottles, hour, this.uniform, this.normal).value
          : heard(bottles.bottles, hour, this.normal);
      bottles.looks += 1;
      this.diary.write(now, { kind: 'observed', lotId: id, signs: { [kind]: value } });
      return true;
    }
    const sugar =
      this.jars.byId(id)?.grains?.sugar ?? (brewing?.id === id ? this.sugarOf(brewing, now) : null);
    if (sugar === null) return false;
    const sweet = sipped(sugar, this.normal);
    this.diary.write(now, { kind: 'tasted', lotId: id, sweet });
    if (brewing?.id === id) brewing.sips += 1;
    const branch = task.rule.find(({ result }) => result === String(sweet));
    if (branch && branch.verb !== 'look' && isNow(branch, now))
      if (branch.verb === 'strain') this.care(id, task, now);
      else this.bottle(now);
    return true;
  }

  private sugarOf({ jar, start }: Brewing, now: number): number {
    return at(jar.course.sugar, (now - start) / hourMs);
  }

  /** A jar fed, strained, brought to rest or woken. */
  private care(id: string, task: TodayTask, now: number): void {
    const jar = this.jars.byId(id);
    if (!jar) return;
    const { bug, grains, scene } = jar;
    const isCold = task.verb === 'rest' || (task.verb !== 'wake' && (bug ?? grains)!.isCold);
    if (task.verb === 'rest' || task.verb === 'wake')
      this.diary.write(now, {
        kind: 'moved',
        lots: [id],
        place: task.verb === 'rest' ? 'fridge' : 'counter',
      });
    (bug ?? grains)!.isCold = isCold;
    if (task.amounts.length === 0) return;
    const portions = task.amounts.map(({ what, grams, ml }) =>
      grams === undefined ? { what, ml } : { what, grams: Math.round(grams) },
    );
    // The spoon misses by a tenth, and nobody knows.
    const spoon = 1 + 0.1 * this.normal();
    const sum = (of: (each: TodayTask['amounts'][number]) => number) =>
      task.amounts.reduce((all, each) => all + of(each), 0);
    const sugar = spoon * sum(({ what, grams = 0 }) => (what.includes('sugar') ? grams : 0));
    const ml = sum(({ what, ml: each = 0 }) => (what === 'water' ? each : 0));
    if (bug) {
      bug.sugar += sugar;
      bug.ml += ml;
      this.diary.write(now, { kind: 'portions-added', lotId: id, portions });
    } else if (grains) this.strain({ id, grains, scene }, now, ml, sugar, portions);
  }

  /** What is strained is drunk, unless bottles stand empty at a weekend and it is its turn. */
  private strain(
    { id, grains, scene }: { readonly id: string; readonly grains: Grains; readonly scene: Scene },
    now: number,
    ml: number,
    sugar: number,
    portions: readonly object[],
  ): void {
    const { truth, kitchen } = this.of;
    const left = grains.sugar;
    const [strainedId] = this.diary.write(now, ...strained(id, ml, this.batches.length + 1, portions));
    const brew = `${strainedId!}-1`;
    const celsius = this.room(now);
    grains.feed((1000 * sugar) / ml, celsius);
    const isWeekend = [0, 6].includes(new Date(now).getDay());
    const isFree = this.turn === scene && !this.brewing && !this.filled && !this.cooling;
    if (!isWeekend || !isFree || this.isAwaySoon(now)) {
      this.diary.write(now + 1000, { kind: 'ended', lots: [brew], how: 'drunk', why: '' });
      return;
    }
    const jar = standing(
      { truth, culture: scene.culture, kitchen: drawBatch(kitchen, this.normal), sugar: left, celsius },
      0,
      this.normal,
    );
    this.fill(
      { scene, jar, start: now, id: brew, sips: 0 },
      now + hourMs / 4,
      Math.min(1000 * litres.bottle, Math.floor(ml / 2) - 5),
    );
  }

  private fill({ scene, jar, start, id }: Brewing, now: number, ml = 1000 * litres.bottle): void {
    const [filledId] = this.diary.write(now, filled(id, scene, ml));
    const hour = Math.max(0.1, (now - start) / hourMs);
    const filling = { hour, dose: scene.dose, glass: 'swing-top' } as const;
    const bottles = filledFrom(jar, filling, this.uniform, this.normal);
    const count = scene.glass + (scene.hasPilot ? 1 : 0);
    const ids = Array.from({ length: count }, (_, i) => `${filledId!}-${i + 1}`);
    // What the bottles left is drunk.
    this.diary.write(now + 1000, { kind: 'ended', lots: [id], how: 'drunk', why: '' });
    this.brewing = null;
    this.filled = { scene, bottles, start, ids, looks: 0 };
  }

  /** "Taste it; bottle it if you like it", or into the fridge. */
  private perhapsBottle(now: number): boolean {
    const { brewing } = this;
    if (!brewing || now < this.sippedAt + 20 * hourMs) return false;
    this.sippedAt = now;
    const sweet = sipped(this.sugarOf(brewing, now), this.normal);
    this.diary.write(now, { kind: 'tasted', lotId: brewing.id, sweet });
    brewing.sips += 1;
    const isLiked = sweet <= brewing.scene.likedAt;
    if (isLiked) this.bottle(now);
    return !isLiked;
  }

  private bottle(now: number): void {
    const { brewing } = this;
    if (!brewing || this.filled) return;
    if (brewing.scene.bottled === 'in-jar') this.chillInJar(brewing, now);
    else this.fill(brewing, now + hourMs / 4);
  }

  private chillInJar({ scene, jar, start, id, sips }: Brewing, now: number): void {
    this.diary.write(now, { kind: 'moved', lots: [id], place: 'fridge' });
    const hour = (now - start) / hourMs;
    const bottles = inJar(jar);
    const count = Math.round(litres.water / litres.bottle);
    const poured = chilledAt(bottles, hour);
    this.batches.push({
      number: this.batches.length + 1,
      scene,
      bottles,
      start,
      hour,
      looks: sips,
      poured,
      count,
    });
    this.brewing = null;
    this.cooling = { ids: [id], from: now, opens: null };
  }

  private chill(bottles: Filled, now: number): void {
    this.diary.write(now, { kind: 'moved', lots: bottles.ids, place: 'fridge' });
    const hour = (now - bottles.start) / hourMs;
    const poured = chilledAt(bottles.bottles, hour);
    const number = this.batches.length + 1;
    this.batches.push({ ...bottles, number, hour, poured, count: bottles.ids.length });
    this.filled = null;
    this.cooling = { ids: bottles.ids, from: now, opens: openingOf(poured.volumes) };
  }

  /** Opened and drunk when they have been cold for three days; told as they open. */
  private perhapsDrink(now: number): void {
    if (!this.cooling || now < this.cooling.from + 72 * hourMs) return;
    const { ids, opens: how } = this.cooling;
    this.cooling = null;
    const opened = how ? ids.map((lotId) => ({ kind: 'opened', lotId, how })) : [];
    this.diary.write(now, ...opened, { kind: 'ended', lots: ids, how: 'drunk', why: '' });
  }

  private isAwaySoon(now: number): boolean {
    const day = (now - this.of.begins) / dayMs;
    const { away } = this.of;
    return (day > away.from - 6 && day < away.to + 2) || day > this.days - 8;
  }

  /** On Saturdays, when its jar is lively enough by its own account and nothing stands warm; not within a week of leaving. */
  private perhapsBrew(today: Today, now: number, day: number): void {
    const { turn: scene } = this;
    if (scene.bottled === 'strained' || this.brewing || this.filled || this.cooling || day < 1) return;
    if (new Date(now).getDay() !== 6 || new Date(now).getHours() < 9 || this.isAwaySoon(now)) return;
    const jar = this.jars.of(scene);
    const said = today.lots.find(({ id }) => id === jar?.id);
    const isLively = Boolean(said?.liveliness && said.liveliness[2]! >= 0.5 && said.place !== 'fridge');
    if (jar?.bug && !isLively) return;
    this.brew(scene, jar?.bug ? { id: jar.id, bug: jar.bug } : null, now);
  }

  private brew(scene: Scene, jar: { readonly id: string; readonly bug: Jar } | null, now: number): void {
    const { truth, kitchen } = this.of;
    const celsius = Math.round(this.room(now));
    const id = this.diary.write(now, ...scene.mixed(this.batches.length + 1, celsius)).at(-1)!;
    const start = jar ? now + hourMs / 2 : now;
    if (jar) this.diary.write(start, ...pitched(jar.id, id, celsius));
    const drawn = drawBatch(kitchen, this.normal);
    // A jar that is not at its best brings fewer live cells.
    const cells = drawn.cells * Math.max(0.05, jar?.bug.alive ?? 1) ** 0.5;
    const ferment = {
      truth,
      culture: scene.culture,
      kitchen: { ...drawn, cells },
      sugar: scene.sugar,
      celsius,
    };
    const stood = standing(ferment, scene.bottled === 'at-once' ? 1 : longestFirst, this.normal);
    this.brewing = { scene, jar: stood, start, id, sips: 0 };
    if (jar) drawFrom(jar.bug, 1000 * litres.draw);
    if (scene.bottled === 'at-once') this.fill(this.brewing, start + hourMs / 2);
  }

  /** The next moment at home when something is due, or the next evening. */
  private next(today: Today, now: number): number {
    const soon = now + hourMs / 2;
    const evening = new Date(now);
    evening.setHours(new Date(now).getDay() === 5 ? 34 : 18, 30, 0, 0);
    if (evening.getTime() <= soon) evening.setDate(evening.getDate() + 1);
    const times = today.tasks.flatMap((task) => {
      const due = new Date(task.from).getTime();
      return [due, this.putOff.get(`${task.id} ${task.from.slice(0, 13)}`) ?? due];
    });
    return homeFrom(Math.min(evening.getTime(), ...times.filter((each) => each > soon)));
  }
}

const isNow = ({ at: when }: TodayBranch, now: number): boolean =>
  when === null || new Date(when).getTime() <= now + hourMs;

/**
 * A household that does what Today says, as far as it is at home, remembers and is in time: with one jar or none, away for ten
 * days, and with a brew a week.
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
