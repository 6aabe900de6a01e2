import { likeWords } from './clock-words';

const unknown = { sweetness: null, volumes: null, limitShare: null, liveliness: null };

describe('what a lot is like on the kitchen’s clock', () => {
  test('a bottle by its limit, fizz and sweetness; a jar by how lively it is', () => {
    expect(likeWords({ ...unknown, limitShare: 0.324, volumes: 0.84, sweetness: 81.4 }, false)).toBe(
      '32 % of its limit, 0.8 volumes, 81 g/L sweet',
    );
    expect(
      [0.9, 0.85, 0.6, 0.59, 0.35, 0.34].map((liveliness) => likeWords({ ...unknown, liveliness }, false)),
    ).toEqual(['at its liveliest', 'at its liveliest', 'lively', 'half awake', 'half awake', 'quiet']);
  });

  test('nothing to say: a base waits for its starter, anything else is past its forecast', () => {
    expect([likeWords(unknown, true), likeWords(unknown, false)]).toEqual([
      'not pitched yet',
      'beyond its forecast',
    ]);
  });
});
