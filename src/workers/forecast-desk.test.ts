import {
  ForecastDesk,
  answerVersion,
  keyOf,
  type Answerer,
  type AnswerShelf,
  type KeptAnswer,
  type Question,
} from './forecast-desk';

const question = (subject: string, seed: number): Question => ({
  kind: 'family',
  subject,
  asked: { rootId: subject, start: seed } as never,
});
const starter = (subject: string): Question => ({
  kind: 'starter',
  subject,
  asked: { lotId: subject } as never,
});

/** What every answer here says of its one lot: a limit that is passed by a kitchen in twenty. */
const limited = [{ pressure: { passes: [{ share: 1, hours: [40, 50, 60, 70, Infinity] }] }, keeping: null }];

/** A desk that never comes to rest unless it is told how. */
function desk(
  kept: ReadonlyMap<string, KeptAnswer> = new Map(),
  rest: () => Promise<void> = () => new Promise(() => undefined),
  bytes = 1,
) {
  const runNamed = (name: string) => ({ name, rows: { byteLength: bytes }, celsius: { byteLength: 0 } });
  const nameOf = (run: object) => (run as { name: string }).name;
  const asked: string[] = [];
  const put: string[] = [];
  let failing = 0;
  let now = 0;
  const answer = (asking: { rootId?: string; lotId?: string; start?: number }, name: string) => {
    asked.push(`${name} ${asking.rootId ?? asking.lotId}${asking.start ?? ''}`);
    return failing-- > 0
      ? Promise.reject(new Error('broken'))
      : Promise.resolve({
          rootId: asking.rootId,
          start: asking.start,
          lots: limited.map((lot) => ({
            ...lot,
            lotId: 'x',
            advice: name,
            chill: { latest: name, limitHour: name },
          })),
        } as never);
  };
  const answerer: Answerer = {
    wake: () => void asked.push('wake'),
    family: (q) => answer(q, 'family'),
    familyWithRuns: (q, keep) =>
      answer(q, 'runs').then(
        (value) => ({ answer: value, runs: [runNamed('the run')], runOf: { [keep]: 0 } }) as never,
      ),
    closely: (q, keep) =>
      answer(q, q.closely ? 'closely' : 'no').then(
        (value) => ({ answer: value, runs: [runNamed('the run of many')], runOf: { [keep]: 0 } }) as never,
      ),
    starter: (q) => answer(q, 'starter'),
    chills: () => Promise.reject(new Error('nothing is chilled here')),
    bottlings: () => Promise.reject(new Error('nothing is bottled here')),
    fillings: () => Promise.reject(new Error('nothing is filled here')),
    suppose: (ask, run) =>
      answer({ rootId: `${ask.lot.lotId} in ${nameOf(run)}`, start: ask.nowHour }, 'suppose'),
  };
  let loads = 0;
  const shelf: AnswerShelf = {
    load: () => Promise.resolve((loads++, kept)),
    put: (subject) => void put.push(subject),
    wipe: () => Promise.resolve(void put.push('wiped')),
  };
  return {
    desk: new ForecastDesk(answerer, shelf, () => now, rest),
    asked,
    put,
    loads: () => loads,
    fail: (times: number) => (failing = times),
    wait: (ms: number) => (now += ms),
  };
}

const settled = () => new Promise((done) => setTimeout(done, 5));

describe('the forecast desk', () => {
  test('takes nothing up before it is opened, then what is most urgent first', async () => {
    const { desk: d, asked } = desk();
    d.ask(question('cold', 1), 40);
    d.ask(question('warm', 1), 0);
    d.ask(starter('bug'), 10);
    expect(asked).toEqual([]);
    await d.start();
    await settled();
    expect(asked).toEqual(['family warm1', 'starter bug', 'family cold1']);
  });

  test('shows what was answered before at once, and asks only what changed', async () => {
    const same = question('a', 1);
    const kept = new Map<string, KeptAnswer>([
      ['a', { key: keyOf(same), family: { rootId: 'a', start: 1 } as never }],
      ['b', { key: `${answerVersion}old`, family: { rootId: 'b', start: 0 } as never }],
      // Worked out otherwise by an earlier build: not shown again.
      ['c', { key: '3-x-y-z', family: { rootId: 'c', start: 0 } as never }],
    ]);
    const { desk: d, asked, put } = desk(kept);
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
    const first = desk();
    await first.desk.expect();
    expect(first.asked).toEqual(['wake']);
    const key = keyOf(question('a', 1));
    const known = desk(new Map([['a', { key, family: {} as never }]]));
    await known.desk.expect();
    expect(known.asked).toEqual([]);
    expect(known.desk.familyAnswer('a')).not.toBeNull();
    // The shelf is read once, and pages hear of it once, however many ask for it.
    const version = known.desk.snapshot();
    await Promise.all([known.desk.recall(), known.desk.start(), known.desk.start()]);
    expect([known.loads(), known.desk.snapshot()]).toEqual([1, version]);
  });

  test('the newest question of a subject wins', async () => {
    const { desk: d, asked } = desk();
    d.ask(question('a', 1), 5);
    d.ask(question('a', 2), 5);
    await d.start();
    await settled();
    expect(asked).toEqual(['family a2']);
  });

  test('forgetting empties answers and shelf; what was being worked out then is not kept', async () => {
    const { desk: d, put } = desk();
    await d.start();
    d.ask(question('a', 1), 0);
    await settled();
    d.ask(question('b', 1), 0);
    d.forget();
    await settled();
    expect([d.familyAnswer('a'), d.familyAnswer('b'), put]).toEqual([null, null, ['a', 'wiped']]);
  });

  test('a failed forecast is said, and asked again after a while', async () => {
    const { desk: d, asked, fail, wait } = desk();
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
    const { desk: d, asked } = desk();
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
    const { desk: d, asked } = desk();
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
    const { desk: d, asked } = desk();
    await d.start();
    d.ask(question('a', 1), 0, 'bottle');
    await settled();
    d.ask(question('a', 1), 0, 'other');
    await settled();
    d.ask(question('a', 1), 0, 'other');
    await settled();
    expect(asked).toEqual(['runs a1', 'runs a1']);
    expect(d.runsOf('a')?.runOf).toEqual({ other: 0 });
  });

  test('two families that take more than is held at most: the newest stays', async () => {
    const { desk: d } = desk(new Map(), undefined, 60e6);
    await d.start();
    for (const subject of ['a', 'b']) {
      d.ask(question(subject, 1), 0, 'bottle');
      await settled();
    }
    expect([d.runsOf('a'), d.runsOf('b') !== null]).toEqual([null, true]);
  });

  test('listeners hear of every answer until they leave', async () => {
    const { desk: d } = desk();
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
    const { desk: d, asked, fail } = desk();
    await d.start();
    const family: Question = {
      kind: 'family',
      subject: 'plum',
      asked: { rootId: 'plum', start: 1, lots: [{ lotId: 'bottle', run: 0 }] } as never,
    };
    const burped = { kind: 'burped', everyHours: 24 } as const;
    expect(await d.suppose('plum', 'bottle', burped, 30)).toBeNull();
    d.ask(family, 0, 'bottle');
    await settled();
    expect(await d.suppose('plum', 'bottle', burped, 30)).toMatchObject({
      rootId: 'bottle in the run',
      start: 30,
    });
    expect(await d.suppose('plum', 'stranger', burped, 30)).toBeNull();
    fail(1);
    expect(await d.suppose('plum', 'bottle', burped, 31)).toBeNull();
    expect(asked).toEqual(['runs plum1', 'suppose bottle in the run30', 'suppose bottle in the run31']);
  });

  describe('when nothing waits', () => {
    const read = (subject: string, start: number, members = 720): Question => ({
      kind: 'family',
      subject,
      asked: {
        rootId: subject,
        start,
        family: { root: { members, readings: [{ kind: 'squeeze', hour: 30, value: 'firm' }] }, branches: [] },
        lots: [{ lotId: 'bottle', run: 0, sealedFromHour: 0, limitBar: 3 }],
      } as never,
    });
    const resting = () => desk(new Map(), () => Promise.resolve());
    /** A desk whose only answer could not be looked at closely. */
    const unclear = async () => {
      const made = resting();
      await made.desk.start();
      made.desk.ask(read('a', 1), 0);
      await Promise.resolve();
      made.fail(1);
      await settled();
      return made;
    };

    test('a limit in doubt is worked out closely once, in place of the answer and its runs', async () => {
      const { desk: d, asked, put } = resting();
      d.ask(read('cold', 1), 40);
      d.ask(read('warm', 1), 0, 'bottle');
      d.ask(starter('bug'), 10);
      await d.start();
      await settled();
      expect(asked).toEqual(['runs warm1', 'starter bug', 'family cold1', 'closely warm1', 'closely cold1']);
      expect(put).toEqual(['warm', 'bug', 'cold', 'warm', 'cold']);
      expect(d.runsOf('warm')?.runs.map((run) => (run as { name?: string }).name)).toEqual([
        'the run of many',
      ]);
      expect(d.runsOf('cold')).toBeNull();
      d.ask(read('cold', 1), 40);
      await settled();
      expect(asked).toHaveLength(5);
    });

    test('looked at closely, chances are the newer ones and what was decided stays', async () => {
      const { desk: d } = resting();
      d.ask(read('cold', 1), 40);
      await d.start();
      await settled();
      expect(d.familyAnswer('cold')!.lots[0]).toMatchObject({
        advice: 'family',
        chill: { latest: 'family', limitHour: 'closely' },
      });
    });

    test('what is clear, of few kitchens or already looked at is left alone', async () => {
      const key = keyOf(read('known', 1));
      const known = { key, family: { lots: limited } as never, closely: true as const };
      const { desk: d, asked } = desk(new Map([['known', known]]), () => Promise.resolve());
      await d.start();
      d.ask(read('known', 1), 0);
      d.ask(read('long', 1, 96), 0);
      await settled();
      expect(asked).toEqual(['family long1']);
    });

    test('what cannot be looked at closely keeps its answer, and is not tried again', async () => {
      const { desk: d, asked } = await unclear();
      d.ask(read('a', 1), 0);
      await settled();
      expect([asked, d.hasFailed('a')]).toEqual([['family a1', 'closely a1'], false]);
      expect(d.familyAnswer('a')?.start).toBe(1);
    });

    test('an answer to an older question is not looked at closely for one that failed', async () => {
      const { desk: d, asked, fail } = await unclear();
      fail(1);
      d.ask(read('a', 2), 0);
      await settled();
      expect([asked, d.hasFailed('a')]).toEqual([['family a1', 'closely a1', 'family a2'], true]);
      expect(d.familyAnswer('a')?.start).toBe(1);
    });

    test('a newer question is answered first, and the older one never takes its place', async () => {
      const { desk: d, asked } = resting();
      await d.start();
      d.ask(read('a', 1), 0);
      while (!asked.includes('closely a1')) await Promise.resolve();
      d.ask(read('a', 2), 0);
      await settled();
      expect(asked).toEqual(['family a1', 'closely a1', 'family a2', 'closely a2']);
      expect(d.familyAnswer('a')?.start).toBe(2);
    });
  });
});
