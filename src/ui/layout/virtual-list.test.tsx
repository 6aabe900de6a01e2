import { act, fireEvent, render, screen } from '@testing-library/react';
import { Text, View } from 'react-native';
import { LongList } from './long-list';
import { VirtualList } from './virtual-list';

const rows = (count: number) => Array.from({ length: count }, (_, index) => `row ${index}`);
const list = (count: number, mustDraw?: number) => (
  <View style={{ overflow: 'scroll' }} testID="page">
    <View>
      <VirtualList
        items={rows(count)}
        rowHeight={50}
        mustDraw={mustDraw}
        row={(item) => <Text key={item}>{item}</Text>}
      />
    </View>
  </View>
);
const drawn = () =>
  screen
    .queryAllByText(/^row /)
    .map(({ textContent }) => Number(textContent!.slice(4)))
    .sort((a, b) => a - b);
const span = (from: number, until: number) => Array.from({ length: until - from }, (_, i) => from + i);

/** A browser lays things out; here a window is 600 px high, and rows are as high as they are said to be. */
class Sizes {
  constructor(private readonly hear: (entries: object[]) => void) {}
  observe(target: HTMLElement) {
    const blockSize = target.dataset.index === undefined ? 600 : 70;
    this.hear([{ target, borderBoxSize: [{ blockSize, inlineSize: 390 }] }]);
  }
  unobserve() {}
  disconnect() {}
}

beforeEach(() => {
  Object.assign(globalThis, { ResizeObserver: Sizes });
  jest.spyOn(HTMLElement.prototype, 'clientHeight', 'get').mockReturnValue(600);
  jest.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockImplementation(function (this: HTMLElement) {
    return this.dataset.index === undefined ? 600 : 70;
  });
});
afterEach(() => {
  jest.restoreAllMocks();
  Reflect.deleteProperty(globalThis, 'ResizeObserver');
});

test('a list of thirty is drawn whole', () => {
  render(<LongList items={rows(30)} rowHeight={50} row={(item) => <Text key={item}>{item}</Text>} />);
  expect(drawn()).toEqual(span(0, 30));
});

test('of a longer one what is in sight is drawn, and a little beyond; the rest keep their room', () => {
  render(list(1000));
  expect(drawn()[0]).toBe(0);
  expect(drawn().length).toBeLessThan(45);
  const room = screen.getByText('row 0').closest<HTMLElement>('[style*="height"]')!;
  // Rows that were drawn take the 70 px they have (three drawn at first are beyond sight by now), the others the guessed 50.
  const measured = (parseFloat(room.style.height) - 50 * 1000) / 20;
  expect(measured).toBe(drawn().length + 3);
});

test('scrolled down, the rows there are drawn and the first are let go', () => {
  render(list(1000));
  const page = screen.getByTestId('page');
  act(() => {
    page.scrollTop = 30_000;
    fireEvent.scroll(page);
  });
  expect(drawn()).not.toContain(0);
  expect(drawn().length).toBeGreaterThan(12);
  expect(drawn()[0]).toBeGreaterThan(400);
});

test('an entry that is pointed at is drawn wherever it is', () => {
  render(list(1000, 640));
  expect(drawn()).toContain(640);
  expect(drawn()).toContain(0);
});
