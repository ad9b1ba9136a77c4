import '@testing-library/jest-dom';
import { MotionlessObserver } from './observer';

/* What browsers have and jsdom has not. */
globalThis.ResizeObserver ??= MotionlessObserver;
Element.prototype.hasPointerCapture ??= () => false;
Element.prototype.scrollIntoView ??= () => undefined;
