import type { Component } from 'react';
import type { View } from 'react-native';

/**
 * Drawing past React, for the few things that change at every frame while a hand moves: rendering them anew takes a slow phone
 * longer than a frame. Who draws so draws again after every render of its own, since React puts back what it knows.
 */

type Styled = Partial<CSSStyleDeclaration>;

/** The element a view is drawn as; null where there is none. */
export const elementOf = (view: unknown): HTMLElement | null => (view instanceof HTMLElement ? view : null);

/** The size of a view as it is drawn, as a style that keeps it. */
export function sizeOf(view: View | null): Styled {
  const element = elementOf(view);
  return element ? { width: `${element.offsetWidth}px`, height: `${element.offsetHeight}px` } : {};
}

/** Changes how a view or a text looks. */
export function restyle(view: View | null, style: Styled): void {
  const element = elementOf(view);
  if (element) Object.assign(element.style, style);
}

/** Changes what a screen reader is told. */
export function describe(view: View | null, attributes: Readonly<Record<string, string>>): void {
  const element = elementOf(view);
  for (const [name, value] of Object.entries(attributes)) element?.setAttribute(name, value);
}

/** Changes what a text says. Give such a text no children. */
export function rewrite(text: View | null, words: string): void {
  const element = elementOf(text);
  const node = element?.firstChild;
  // The words of a node that is there: a new node would be laid out as something new.
  if (node instanceof Text) node.data !== words && (node.data = words);
  else if (element) element.textContent = words;
}

/** Changes attributes of a drawn shape. */
export function redraw(shape: Component | null, attributes: Readonly<Record<string, string | number>>): void {
  const { elementRef } = (shape ?? {}) as { elementRef?: { current: SVGElement | null } };
  for (const [name, value] of Object.entries(attributes))
    elementRef?.current?.setAttribute(name, String(value));
}
