import {
  ForecastQueue,
  answerVersion,
  keyOf,
  type AnswerCache,
  type KeptAnswer,
  type ForecastQuestion,
} from './forecast-queue';
import { partOf, standIn } from '@/core/part-of.test-tool';
import type { FamilyQuestion } from '@/core/forecast/question/family-question';
import type { StarterQuestion } from '@/core/forecast/question/starter-question';
import type { FamilyAnswer } from '@/core/forecast/answer/family-answer';
import type { RunInfo, SupposedAnswer } from '@/core/forecast/answer/run-store';
import type { Answerer } from './answerer';

const question = (subject: string, seed: number): ForecastQuestion => ({
  kind: 'family',
  subject,
  asked: partOf<FamilyQuestion>({ rootId: subject, start: seed }),
});
const starter = (subject: string): ForecastQuestion => ({
  kind: 'starter',
  subject,
  asked: partOf<StarterQuestion>({ lotId: subject }),
});

/** What every answer here says of its one lot: a limit that is passed by a kitchen in twenty. */
const limited = [{ pressure: { passes: [{ share: 1, hours: [40, 50, 60, 70, Infinity] }] }, keeping: null }];

/** A queue that never comes to rest unless it is told how. */
function queue(
  kept: ReadonlyMap<string, KeptAnswer> = new Map(),
  rest: () => Promise<void> = () => new Promise(() => undefined),
) {
  const runNamed = (id: string): RunInfo => ({ id, kitchens: 1, celsius: 20, dosed: true });
  /** Ids of runs that their holder let go. */
  const gone = new Set<string>();
  const asked: string[] = [];
  const put: string[] = [];
  let failing = 0;
  let now = 0;
  /** Strings stand for what is worked out, so that it shows who answered. */
  const answer = <T = FamilyAnswer>(
    asking: { rootId?: string; lotId?: string; start?: number },
    name: string,
  ): Promise<T> => {
    asked.push(`${name} ${asking.rootId ?? asking.lotId}${asking.start ?? ''}`);
    return failing-- > 0
      ? Promise.reject(new Error('broken'))
      : Promise.resolve(
          standIn<T>({
            rootId: asking.rootId,
            start: asking.start,
            lots: limited.map((lot) => ({
              ...lot,
              lotId: 'x',
              advice: name,
              chill: { latest: name, limitHour: name },
            })),
          }),
        );
  };
  const answerer: Answerer = {
    wake: () => void asked.push('wake'),
    family: (q) => answer(q, 'family'),
    hold: (id, q, keep) =>
      answer(q, 'runs').then((value) => ({ answer: value, runOf: { [keep]: runNamed(`${id}/0`) } })),
    refine: (id, q, keep) =>
      answer(q, q.refined ? 'refined' : 'no').then((value) => ({
        answer: value,
        runOf: { [keep]: runNamed(`${id}/0`) },
      })),
    starter: (q) => answer(q, 'starter'),
    chills: (runId) => Promise.resolve(gone.has(runId) ? null : []),
    bottlings: () => Promise.reject(new Error('nothing is bottled here')),
    fillings: () => Promise.reject(new Error('nothing is filled here')),
    jar: () => Promise.reject(new Error('nothing is poured here')),
    suppose: (_, ask) =>
      answer<SupposedAnswer>({ rootId: `${ask.lot.lotId}`, start: ask.nowHour }, 'suppose'),
  };
  let loads = 0;
  const shelf: AnswerCache = {
    load: () => Promise.resolve((loads++, kept)),
    put: (subject) => void put.push(subject),
    wipe: () => Promise.resolve(void put.push('wiped')),
  };
  return {
    queue: new ForecastQueue(answerer, shelf, () => now, rest),
    asked,
    gone,
    put,
    loads: () => loads,
    fail: (times: number) => (failing = times),
    wait: (ms: number) => (now += ms),
  };
}

const settled = () => new Promise((done) => setTimeout(done, 5));

describe('the forecast queue', () => {
  test('takes nothing up before it is opened, then what is most urgent first', async () => {
    const { queue: d, asked } = queue();
    d.ask(question('cold', 1), 40);
    d.ask(question('warm', 1), 0);
    d.ask(starter('bug'), 10);
    expect(asked).toEqual([]);
    await d.start();
    await settled();
    expect(asked).toEqual(['family warm1', 'starter bug', 'family cold1']);
  });

  test('is idle once all that was asked is answered', async () => {
    const { queue: d } = queue();
    expect(d.isIdle()).toBe(true);
    d.ask(question('a', 1), 0);
    expect(d.isIdle()).toBe(false);
    const idle: boolean[] = [];
    d.subscribe(() => idle.push(d.isIdle()));
    d.ask(starter('bug'), 10);
    await d.start();
    await settled();
    // The first notice is of what the cache brought.
    expect(idle).toEqual([false, false, true]);
  });

  test('shows what was answered before at once, and asks only what changed', async () => {
    const same = question('a', 1);
    const kept = new Map<string, KeptAnswer>([
      ['a', { key: keyOf(same), family: partOf<FamilyAnswer>({ rootId: 'a', start: 1 }) }],
      ['b', { key: `${answerVersion}old`, family: partOf<FamilyAnswer>({ rootId: 'b', start: 0 }) }],
      // Worked out otherwise by an earlier build: not shown again.
      ['c', { key: '3-x-y-z', family: partOf<FamilyAnswer>({ rootId: 'c', start: 0 }) }],
    ]);
    const { queue: d, asked, put } = queue(kept);
    await d.recall();
    expect([d.familyAnswer('a')?.start, d.familyAnswer('b')?.start]).toEqual([1, 0]);
    expect(d.familyAnswer('c')).toBeNull();
    await d.start();
    d.ask(same, 0);
    d.ask(question('b', 2), 0);
    await settled();
    expect(asked).toEqual(['family b2']);
    expect([d.familyAnswer('b')?.start, put]).toEqual([2, ['b']]);
  });

  test('who answers is woken ahead when nothing was ever answered', async () => {
    const first = queue();
    await first.queue.expect();
    expect(first.asked).toEqual(['wake']);
    const key = keyOf(question('a', 1));
    const known = queue(new Map([['a', { key, family: partOf<FamilyAnswer>({}) }]]));
    await known.queue.expect();
    expect(known.asked).toEqual([]);
    expect(known.queue.familyAnswer('a')).not.toBeNull();
    // The shelf is read once, and pages hear of it once, however many ask for it.
    const version = known.queue.snapshot();
    await Promise.all([known.queue.recall(), known.queue.start(), known.queue.start()]);
    expect([known.loads(), known.queue.snapshot()]).toEqual([1, version]);
  });

  test('the newest question of a subject wins', async () => {
    const { queue: d, asked } = queue();
    d.ask(question('a', 1), 5);
    d.ask(question('a', 2), 5);
    await d.start();
    await settled();
    expect(asked).toEqual(['family a2']);
  });

  test('forgetting empties answers and shelf; what was being worked out then is not kept', async () => {
    const { queue: d, put } = queue();
    await d.start();
    d.ask(question('a', 1), 0);
    await settled();
    d.ask(question('b', 1), 0);
    d.forget();
    await settled();
    expect([d.familyAnswer('a'), d.familyAnswer('b'), put]).toEqual([null, null, ['a', 'wiped']]);
  });

  test('a failed forecast is said, and asked again after a while', async () => {
    const { queue: d, asked, fail, wait } = queue();
    fail(1);
    await d.start();
    d.ask(question('a', 1), 0);
    await settled();
    expect([d.hasFailed('a'), asked.length]).toEqual([true, 1]);
    d.ask(question('a', 1), 0);
    await settled();
    expect(asked).toHaveLength(1);
    wait(16_000);
    d.ask(question('a', 1), 0);
    await settled();
    expect([d.hasFailed('a'), asked.length]).toEqual([false, 2]);
  });

  test('what is being worked out is not asked again meanwhile; its runs, or a newer question, are', async () => {
    const { queue: d, asked } = queue();
    await d.start();
    d.ask(question('a', 1), 0);
    // A page that is drawn before the answer is there asks again.
    d.ask(question('a', 1), 0);
    await settled();
    expect(asked).toEqual(['family a1']);
    d.ask(question('b', 1), 0);
    d.ask(question('b', 1), 0, 'bottle');
    await settled();
    d.ask(question('b', 2), 0, 'bottle');
    d.ask(question('b', 2), 0);
    d.ask(question('b', 3), 0);
    await settled();
    expect(asked.slice(1)).toEqual(['family b1', 'runs b1', 'runs b2', 'family b3']);
  });

  test('runs are asked for once, kept for the last two families, and told apart from answers', async () => {
    const { queue: d, asked } = queue();
    await d.start();
    for (const subject of ['a', 'b', 'c']) {
      d.ask(question(subject, 1), 0, 'bottle');
      await settled();
    }
    expect([d.runsOf('a'), d.runsOf('b') !== null, d.runsOf('c') !== null]).toEqual([null, true, true]);
    d.ask(question('c', 1), 0, 'bottle');
    await settled();
    expect(asked).toEqual(['runs a1', 'runs b1', 'runs c1']);
    // An answer that came without them does not stand in for them.
    d.ask(question('d', 1), 0);
    await settled();
    d.ask(question('d', 1), 0, 'bottle');
    await settled();
    expect(asked.slice(3)).toEqual(['family d1', 'runs d1']);
    expect(d.runsOf('d')).not.toBeNull();
  });

  test('a lot whose run was let go is asked for again, by its name', async () => {
    const { queue: d, asked } = queue();
    await d.start();
    d.ask(question('a', 1), 0, 'bottle');
    await settled();
    d.ask(question('a', 1), 0, 'other');
    await settled();
    d.ask(question('a', 1), 0, 'other');
    await settled();
    expect(asked).toEqual(['runs a1', 'runs a1']);
    expect(Object.keys(d.runsOf('a')!.runOf)).toEqual(['other']);
  });

  test('a run that was let go where it is held is asked for again; one that could not be read is not', async () => {
    const { queue: d, asked, gone } = queue();
    await d.start();
    d.ask(question('a', 1), 0, 'bottle');
    await settled();
    const { id } = d.runsOf('a')!.runOf.bottle!;
    expect([await d.chills(id, [1], 2.8, 90), await d.bottlings(id, [1], 2.5)]).toEqual([[], null]);
    expect(d.runsOf('a')).not.toBeNull();
    gone.add(id);
    const version = d.snapshot();
    expect(await d.chills(id, [1], 2.8, 90)).toBeNull();
    expect([d.runsOf('a'), d.familyAnswer('a') !== null, d.snapshot()]).toEqual([null, true, version + 1]);
    d.ask(question('a', 1), 0, 'bottle');
    await settled();
    expect(asked).toEqual(['runs a1', 'runs a1']);
  });

  test('listeners hear of every answer until they leave', async () => {
    const { queue: d } = queue();
    let heard = 0;
    const leave = d.subscribe(() => (heard += 1));
    await d.start();
    d.ask(question('a', 1), 0);
    await settled();
    const before = heard;
    expect(before).toBeGreaterThan(1);
    leave();
    d.ask(question('a', 2), 0);
    await settled();
    expect(heard).toBe(before);
  });

  test('supposes only what its runs are kept of, and says nothing when that fails', async () => {
    const { queue: d, asked, fail } = queue();
    await d.start();
    const family: ForecastQuestion = {
      kind: 'family',
      subject: 'plum',
      asked: partOf<FamilyQuestion>({ rootId: 'plum', start: 1, lots: [{ lotId: 'bottle', run: 0 }] }),
    };
    const burped = { kind: 'burped', everyHours: 24 } as const;
    expect(await d.suppose('plum', 'bottle', burped, 30)).toBeNull();
    d.ask(family, 0, 'bottle');
    await settled();
    expect(await d.suppose('plum', 'bottle', burped, 30)).toMatchObject({
      rootId: 'bottle',
      start: 30,
    });
    expect(await d.suppose('plum', 'stranger', burped, 30)).toBeNull();
    fail(1);
    expect(await d.suppose('plum', 'bottle', burped, 31)).toBeNull();
    expect(asked).toEqual(['runs plum1', 'suppose bottle30', 'suppose bottle31']);
  });

  describe('when nothing waits', () => {
    const read = (subject: string, start: number, members = 720): ForecastQuestion => ({
      kind: 'family',
      subject,
      asked: partOf<FamilyQuestion>({
        rootId: subject,
        start,
        family: { root: { members, readings: [{ kind: 'squeeze', hour: 30, value: 'firm' }] }, branches: [] },
        lots: [{ lotId: 'bottle', run: 0, sealedFromHour: 0, limitBar: 3 }],
      }),
    });
    const resting = () => queue(new Map(), () => Promise.resolve());
    /** A queue whose only answer could not be refined. */
    const unclear = async () => {
      const made = resting();
      await made.queue.start();
      made.queue.ask(read('a', 1), 0);
      await Promise.resolve();
      made.fail(1);
      await settled();
      return made;
    };

    test('a limit in doubt is refined once, in place of the answer and its runs', async () => {
      const { queue: d, asked, put } = resting();
      d.ask(read('cold', 1), 40);
      d.ask(read('warm', 1), 0, 'bottle');
      d.ask(starter('bug'), 10);
      await d.start();
      await settled();
      expect(asked).toEqual(['runs warm1', 'starter bug', 'family cold1', 'refined warm1', 'refined cold1']);
      expect(put).toEqual(['warm', 'bug', 'cold', 'warm', 'cold']);
      expect(d.runsOf('warm')?.runOf.bottle?.id).toBe(`${keyOf(read('warm', 1))}+/0`);
      expect(d.runsOf('cold')).toBeNull();
      d.ask(read('cold', 1), 40);
      await settled();
      expect(asked).toHaveLength(5);
    });

    test('refined, chances are the newer ones and what was decided stays', async () => {
      const { queue: d } = resting();
      d.ask(read('cold', 1), 40);
      await d.start();
      await settled();
      expect(d.familyAnswer('cold')!.lots[0]).toMatchObject({
        advice: 'family',
        chill: { latest: 'family', limitHour: 'refined' },
      });
    });

    test('what is clear, of few kitchens or already looked at is left alone', async () => {
      const key = keyOf(read('known', 1));
      const known = { key, family: standIn<FamilyAnswer>({ lots: limited }), refined: true as const };
      const { queue: d, asked } = queue(new Map([['known', known]]), () => Promise.resolve());
      await d.start();
      d.ask(read('known', 1), 0);
      d.ask(read('long', 1, 96), 0);
      await settled();
      expect(asked).toEqual(['family long1']);
    });

    test('what cannot be refined keeps its answer, and is not tried again', async () => {
      const { queue: d, asked } = await unclear();
      d.ask(read('a', 1), 0);
      await settled();
      expect([asked, d.hasFailed('a')]).toEqual([['family a1', 'refined a1'], false]);
      expect(d.familyAnswer('a')?.start).toBe(1);
    });

    test('an answer to an older question is not refined for one that failed', async () => {
      const { queue: d, asked, fail } = await unclear();
      fail(1);
      d.ask(read('a', 2), 0);
      await settled();
      expect([asked, d.hasFailed('a')]).toEqual([['family a1', 'refined a1', 'family a2'], true]);
      expect(d.familyAnswer('a')?.start).toBe(1);
    });

    test('a newer question is answered first, and the older one never takes its place', async () => {
      const { queue: d, asked } = resting();
      await d.start();
      d.ask(read('a', 1), 0);
      while (!asked.includes('refined a1')) await Promise.resolve();
      d.ask(read('a', 2), 0);
      await settled();
      expect(asked).toEqual(['family a1', 'refined a1', 'family a2', 'refined a2']);
      expect(d.familyAnswer('a')?.start).toBe(2);
    });
  });
});
