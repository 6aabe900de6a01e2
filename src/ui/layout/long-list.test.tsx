import { act, render, screen } from '@testing-library/react';
import { Text } from 'react-native';
import { LongList } from './long-list';

const items = Array.from({ length: 95 }, (_, index) => `row ${index}`);
const list = (mustDraw?: number) => (
  <LongList items={items} rowHeight={50} mustDraw={mustDraw} row={(item) => <Text key={item}>{item}</Text>} />
);
const drawn = () => screen.queryAllByText(/^row /).map(({ textContent }) => Number(textContent!.slice(4)));

/** A stand-in for the browser's observer: a test says what is in sight. */
class Sight {
  static all: Sight[] = [];
  element: Element | null = null;
  constructor(
    private readonly hear: (
      seen: { isIntersecting: boolean; boundingClientRect: { height: number } }[],
    ) => void,
    readonly options: { rootMargin: string; scrollMargin: string },
  ) {
    Sight.all.push(this);
  }
  observe = (element: Element) => void (this.element = element);
  disconnect = () => void (this.element = null);
  say = (isIntersecting: boolean, height = 1500) =>
    act(() => this.hear([{ isIntersecting, boundingClientRect: { height } }]));
}

beforeEach(() => {
  Sight.all = [];
  Object.assign(globalThis, { IntersectionObserver: Sight });
});
afterEach(() => void Reflect.deleteProperty(globalThis, 'IntersectionObserver'));

test('the first page is drawn at once and stays, the others keep the room they are guessed to take', () => {
  render(list());
  expect(drawn()).toEqual(Array.from({ length: 30 }, (_, index) => index));
  expect(Sight.all.map(({ element }) => (element as HTMLElement).style.height)).toEqual([
    '1500px',
    '1500px',
    '250px',
  ]);
  expect(Sight.all[0]!.options).toEqual({ rootMargin: '1200px 0px', scrollMargin: '1200px 0px' });
});

test('a page comes when it nears the window, and leaves the room it took when it goes', () => {
  render(list());
  const [second] = Sight.all;
  second!.say(true);
  expect(drawn()).toHaveLength(60);
  second!.say(false, 1733);
  expect(drawn()).toEqual(Array.from({ length: 30 }, (_, index) => index));
  expect((second!.element as HTMLElement).style.height).toBe('1733px');
});

test('the page of an entry that is pointed at is drawn wherever it is', () => {
  render(list(64));
  expect(drawn()).toEqual([
    ...Array.from({ length: 30 }, (_, i) => i),
    ...Array.from({ length: 30 }, (_, i) => 60 + i),
  ]);
});

test('where nothing tells what is in sight, all of it is drawn', () => {
  Reflect.deleteProperty(globalThis, 'IntersectionObserver');
  render(list());
  expect(drawn()).toHaveLength(95);
});
