import { likeWords } from './clock-words';

const unknown = { sweetness: null, volumes: null, limitShare: null };

describe('what a lot is like on the kitchen’s clock', () => {
  test('a bottle by its limit, fizz and sweetness; a jar by how lively it is', () => {
    expect(likeWords({ ...unknown, limitShare: 0.324, volumes: 0.84, sweetness: 81.4 }, null, false)).toBe(
      'a third of what it bears, flat (0.8 vol), 81 g/L sweet',
    );
    expect(likeWords(unknown, 'lively', false)).toBe('lively');
  });

  test('nothing to say: a base waits for its starter, anything else is past its forecast', () => {
    expect([likeWords(unknown, null, true), likeWords(unknown, null, false)]).toEqual([
      'not pitched yet',
      'beyond its forecast',
    ]);
  });
});
