import '@testing-library/jest-dom';
import { configure } from '@testing-library/react';
import { MotionlessObserver } from './observer';

/* What browsers have and jsdom has not. */
globalThis.ResizeObserver ??= MotionlessObserver;
Element.prototype.hasPointerCapture ??= () => false;
Element.prototype.scrollIntoView ??= () => undefined;
globalThis.structuredClone ??= (value) => JSON.parse(JSON.stringify(value));

/* What is waited for comes; how soon is for the bench, not for a test on a busy machine. */
configure({ asyncUtilTimeout: 20_000 });
