import fc from 'fast-check';
import { appended, lastOf, pagedListOf, type PagedList } from './paged-list';

it('holds what an ordinary list holds, grown one by one or made at once', () => {
  fc.assert(
    fc.property(fc.array(fc.integer(), { maxLength: 600 }), fc.integer(), (items, more) => {
      const grown = items.reduce<PagedList<number>>((strand, item) => appended(strand, item), []);
      expect(grown.flat()).toEqual(items);
      expect(pagedListOf(items).flat()).toEqual(items);
      expect(lastOf(grown)).toBe(items.at(-1));
      expect(appended(pagedListOf(items), more).flat()).toEqual([...items, more]);
    }),
  );
});

it('copies the last page alone and leaves the old list as it was', () => {
  const before = pagedListOf(Array.from({ length: 300 }, (_, index) => index));
  const after = appended(before, 300);
  expect(before.map((page) => page.length)).toEqual([128, 128, 44]);
  expect(after.map((page) => page.length)).toEqual([128, 128, 45]);
  expect(after[0]).toBe(before[0]);
  expect(after[1]).toBe(before[1]);
  expect(appended(pagedListOf(Array.from({ length: 128 }, () => 0)), 1).map((page) => page.length)).toEqual([
    128, 1,
  ]);
});
