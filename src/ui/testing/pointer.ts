import { createEvent, fireEvent } from '@testing-library/react';

/** Presses the pointer on an element at a share of its width and height, as if it were 100 by 100 pixels. */
export function pressAt(element: Element, across: number, down = 0.5): void {
  element.getBoundingClientRect = () => new DOMRect(0, 0, 100, 100);
  const event = createEvent.pointerDown(element, { pointerId: 1 });
  Object.defineProperties(event, {
    clientX: { value: across * 100 },
    clientY: { value: down * 100 },
  });
  fireEvent(element, event);
}
