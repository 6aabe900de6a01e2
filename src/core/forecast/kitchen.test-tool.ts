import { stepper } from '../ferment/run/compiled/stepper.test-tool';
import type { Act, Entry } from '../journal/entry';
import { lotOf, type Household } from '../journal/household';
import { nextId, type IdClock } from '../journal/instant-id';
import { journalOf } from '../journal/journal';
import type { CultureTable } from '../cultures/registry';
import { answerFamily, type AnswerWithRuns, type LotAnswer } from './answer/family-answer';
import { familyQuestion, type FamilyQuestion } from './question/family-question';
import { rootOf } from './question/family-members';
import { answerStarter, type StarterAnswer } from './starter/starter-answer';
import { liquidsOf } from './question/root-ferment';
import { cameIn } from './question/living-liquid';
import { starterQuestion, type StarterQuestion } from './question/starter-question';
import { hourMs } from '../duration';

export const dawn = Date.UTC(2026, 2, 1, 8);

/** Kitchens that a test asks. */
const fewKitchens = 120;

/** Answers that were worked out in this file: several tests look at one family. */
const answered = new Map<string, AnswerWithRuns>();

function answeredOnce(question: FamilyQuestion): AnswerWithRuns {
  const key = JSON.stringify(question);
  const whole = answered.get(key) ?? answerFamily(question, stepper);
  answered.set(key, whole);
  return whole;
}

/** A kitchen of a test: acts at hours from dawn, and what the core says of them. */
export class TestKitchen {
  readonly entries: Entry[] = [];
  private clock: IdClock = { ms: 0, count: 0 };

  constructor(celsius: number) {
    this.at(-1, { kind: 'temperature-set', place: 'counter', celsius });
  }

  at(hour: number, act: Act): string {
    const instant = Math.round(dawn + hour * hourMs);
    const next = nextId(this.clock, instant, 'kitc');
    this.clock = next.clock;
    this.entries.push({ ...act, id: next.id, at: instant, offset: 0, version: 2 } as Entry);
    return next.id;
  }

  jar(
    hour: number,
    culture: string,
    portions: readonly { what: string; grams?: number; ml?: number }[],
    ml = 1000,
  ): string {
    return this.at(hour, {
      kind: 'lot-begun',
      role: 'starter',
      name: culture,
      vessel: { kind: 'jar', ml },
      closure: 'cloth',
      place: 'counter',
      culture,
      portions: [...portions],
    });
  }

  brew(
    hour: number,
    sugar: number,
    water = 1800,
    base: 'ginger-tea' | 'fruit' | 'peel' | 'syrup' = 'ginger-tea',
    culture: string | null = null,
  ): string {
    return this.at(hour, {
      kind: 'lot-begun',
      role: 'brew',
      name: 'Brew',
      vessel: { kind: 'jar', ml: 3000 },
      closure: 'airlock',
      place: 'counter',
      culture,
      recipe: { base, wantedVolumes: 2.5 },
      portions: [
        { what: 'water', ml: water },
        { what: 'white-sugar', grams: sugar },
      ],
    });
  }

  draw(hour: number, from: string, to: string, ml: number): string {
    return this.at(hour, {
      kind: 'transferred',
      from,
      taken: 'liquid',
      celsius: 22,
      targets: [{ lotId: to, ml }],
    });
  }

  /** Half-litre swing-tops; `doseGrams` goes into each, or into each what is said for its number. */
  bottles(
    hour: number,
    from: string,
    count: number,
    doseGrams: number | ((index: number) => number) = 0,
    ml = 480,
  ): string[] {
    const portions = (index: number) => {
      const grams = typeof doseGrams === 'number' ? doseGrams : doseGrams(index);
      return grams > 0 ? { portions: [{ what: 'white-sugar', grams }] } : {};
    };
    const id = this.at(hour, {
      kind: 'transferred',
      from,
      taken: 'liquid',
      targets: Array.from({ length: count }, (_, i) => ({
        begin: {
          role: 'bottle' as const,
          name: String(i + 1),
          vessel: { kind: 'swing-top' as const, ml: 500 },
          closure: 'sealed' as const,
          place: 'counter' as const,
        },
        ml,
        ...portions(i),
      })),
    });
    return Array.from({ length: count }, (_, i) => `${id}-${i + 1}`);
  }

  get household(): Household {
    return journalOf(this.entries, dawn + 9e10).household;
  }

  question(lotId: string, hour: number, cultures?: CultureTable): FamilyQuestion {
    const { household } = this;
    const find = (id: string) => lotOf(household, id);
    const root = rootOf(find(lotId)!, find, cultures);
    return familyQuestion({
      root,
      find,
      warmths: household.warmths,
      learned: () => null,
      now: dawn + hour * hourMs,
      ...(cultures ? { cultures } : {}),
    })!;
  }

  /** @param members fewer than the app asks, unless said: what is pinned here hangs on no single point of a chance */
  family(
    lotId: string,
    hour: number,
    cultures?: CultureTable,
    members?: number,
  ): AnswerWithRuns & { of: (id: string) => LotAnswer } {
    const question = this.question(lotId, hour, cultures);
    const { family } = question;
    const root = { ...family.root, members: members ?? Math.min(family.root.members, fewKitchens) };
    const whole = answeredOnce({ ...question, family: { ...family, root } });
    return { ...whole, of: (id) => whole.answer.lots.find((lot) => lot.lotId === id)! };
  }

  /** What is asked of a kept jar at an hour. */
  starterQuestion(lotId: string, hour: number, aheadHours: number, cultures?: CultureTable): StarterQuestion {
    const { household } = this;
    return starterQuestion({
      lot: lotOf(household, lotId)!,
      warmths: household.warmths,
      learned: null,
      now: dawn + hour * hourMs,
      aheadHours,
      came: (event) => cameIn(event, liquidsOf(household)),
      ...(cultures ? { cultures } : {}),
    })!;
  }

  starter(lotId: string, hour: number, cultures?: CultureTable): StarterAnswer & { nowHour: number } {
    const question = this.starterQuestion(lotId, hour, 96, cultures);
    return { ...answerStarter(question, stepper), nowHour: question.nowHour };
  }
}

/** A ginger bug begun at an hour and fed every day until another. */
export function fedBug(kitchen: TestKitchen, from: number, until: number, scale = 1): string {
  const bug = kitchen.jar(
    from,
    'ginger-bug',
    [
      { what: 'water', ml: 500 * scale },
      { what: 'ginger', grams: 25 * scale },
      { what: 'white-sugar', grams: 25 * scale },
    ],
    2000,
  );
  for (let hour = from + 24; hour <= until; hour += 24)
    kitchen.at(hour, {
      kind: 'portions-added',
      lotId: bug,
      portions: [
        { what: 'ginger', grams: 15 * scale },
        { what: 'white-sugar', grams: 15 * scale },
      ],
    });
  return bug;
}

/** A bug, a brew dosed from it at hour 0, two bottles at 24 h with a priming, two without at 30 h, looks on the way. */
export function dosedHousehold() {
  const kitchen = new TestKitchen(22);
  const bug = fedBug(kitchen, -96, -1);
  const brew = kitchen.brew(-2, 160);
  kitchen.draw(0, bug, brew, 150);
  kitchen.at(10, { kind: 'measured', lotId: brew, quantity: 'sg', value: 1.033 });
  const primed = kitchen.bottles(24, brew, 2, 4);
  const plain = kitchen.bottles(30, brew, 1);
  kitchen.at(36, { kind: 'observed', lotId: primed[1]!, signs: { squeeze: 'gives' } });
  kitchen.at(40, { kind: 'moved', lots: [primed[0]!], place: 'fridge' });
  return { kitchen, bug, brew, primed, plain };
}

/** A brew of 1,800 ml of water and 160 g of sugar, and whatever else is done with it. */
export function brewed(
  more: (kitchen: TestKitchen, brew: string, bug: string) => unknown,
  base?: 'fruit' | 'peel' | 'syrup',
) {
  const kitchen = new TestKitchen(22);
  const bug = fedBug(kitchen, -96, -1, 2);
  const brew = kitchen.brew(-2, 160, 1800, base);
  more(kitchen, brew, bug);
  return { kitchen, brew, bug, of: (hour = 20) => kitchen.question(brew, hour) };
}
export const pitched = (kitchen: TestKitchen, brew: string, bug: string): string =>
  kitchen.draw(0, bug, brew, 150);
