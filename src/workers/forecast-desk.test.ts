import type { BatchAnswer, BatchAsk } from '../core/forecast/batch-answer';
import { ForecastDesk } from './forecast-desk';

const ask = (wantedVolumes: number) => ({ wantedVolumes }) as BatchAsk;
const answerTo = ({ wantedVolumes }: BatchAsk) => ({ effectiveMembers: wantedVolumes }) as BatchAnswer;

/** An answerer that answers when told. */
function byHand() {
  const waiting: { ask: BatchAsk; answer: () => void; fail: () => void }[] = [];
  const desk = new ForecastDesk(
    (each) =>
      new Promise((resolve, reject) =>
        waiting.push({
          ask: each,
          answer: () => resolve(answerTo(each)),
          fail: () => reject(new Error('no')),
        }),
      ),
  );
  return { desk, waiting };
}

const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('the forecast desk', () => {
  test('the newest question wins; what waits is dropped, the old answer stays meanwhile', async () => {
    const { desk, waiting } = byHand();
    desk.ask('plum', ask(1));
    waiting[0]!.answer();
    await settled();
    expect(desk.answerFor('plum')?.effectiveMembers).toBe(1);
    desk.ask('plum', ask(2));
    desk.ask('plum', ask(3));
    desk.ask('plum', ask(4));
    expect(desk.answerFor('plum')?.effectiveMembers).toBe(1);
    waiting[1]!.answer();
    await settled();
    expect(desk.answerFor('plum')?.effectiveMembers).toBe(1);
    waiting[2]!.answer();
    await settled();
    expect(desk.answerFor('plum')?.effectiveMembers).toBe(4);
    expect(waiting).toHaveLength(3);
  });

  test('the same question is not asked twice, a failure is told, and listeners hear of both', async () => {
    const { desk, waiting } = byHand();
    let heard = 0;
    desk.subscribe(() => (heard += 1));
    desk.ask('plum', ask(1));
    desk.ask('plum', ask(1));
    expect(waiting).toHaveLength(1);
    waiting[0]!.fail();
    await settled();
    expect(desk.hasFailed('plum')).toBe(true);
    expect(heard).toBe(1);
  });
});
