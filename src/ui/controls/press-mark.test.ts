import { markPresses } from './press-mark';

const down = (element: Element) => element.dispatchEvent(new Event('pointerdown', { bubbles: true }));
const up = (element: Element) => element.dispatchEvent(new Event('pointerup', { bubbles: true }));

test('what is pressed is marked at once, and for as long as a finger sees it', () => {
  jest.useFakeTimers();
  document.body.innerHTML =
    '<div role="button" id="a"><span id="in">Fed</span></div><button id="b" aria-disabled="true">Off</button><p id="c">words</p>';
  const end = markPresses(document.body);
  const marked = () => Array.from(document.querySelectorAll('[data-pressed]'), ({ id }) => id);
  const element = (id: string) => document.getElementById(id)!;
  down(element('in'));
  expect(marked()).toEqual(['a']);
  up(element('in'));
  jest.advanceTimersByTime(119);
  expect(marked()).toEqual(['a']);
  jest.advanceTimersByTime(1);
  expect(marked()).toEqual([]);
  // What is off and what is no button is not marked; a second finger takes the mark along.
  down(element('b'));
  down(element('c'));
  expect(marked()).toEqual([]);
  end();
  down(element('a'));
  expect(marked()).toEqual([]);
  jest.useRealTimers();
});
