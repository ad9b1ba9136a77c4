import { act, renderHook } from '@testing-library/react';
import { keep, keepText, keptIn, letGo, textIn } from './kept';
import { useKept } from './useKept';

/** A storage that is full, one that is refused, and one that there is not. */
const REFUSALS: [string, () => void][] = [
  [
    'full',
    () => {
      jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
        throw new DOMException('full', 'QuotaExceededError');
      });
    },
  ],
  [
    'refused',
    () => {
      for (const name of ['sessionStorage', 'localStorage'] as const) {
        jest.spyOn(globalThis, name, 'get').mockImplementation(() => {
          throw new DOMException('refused', 'SecurityError');
        });
      }
    },
  ],
];

afterEach(() => {
  jest.restoreAllMocks();
  sessionStorage.clear();
  localStorage.clear();
});

test('a value is kept in the tab until it is let go', () => {
  keep('a', { pin: 15 });
  expect(JSON.parse(sessionStorage.getItem('a')!)).toEqual({ pin: 15 });
  expect(keptIn('a')).toEqual({ pin: 15 });
  letGo('a');
  expect(keptIn('a')).toBeNull();
});

test('what cannot be read is nothing, and goes', () => {
  sessionStorage.setItem('a', '{"pin":');
  expect(keptIn('a')).toBeNull();
  expect(sessionStorage.getItem('a')).toBeNull();
  sessionStorage.setItem('a', '15');
  expect(keptIn('a')).toBeNull();
});

describe.each(REFUSALS)('a storage that is %s', (how, refuse) => {
  test('takes nothing from the page: what it does not keep stands there', () => {
    refuse();
    const key = `page-${how}`;
    keep(key, { pin: 15 });
    keepText(key, '0.8', 'browser');
    expect(textIn(key, 'browser')).toBe('0.8');
    expect(textIn(key)).toBe('{"pin":15}');
    letGo(key);
    expect(textIn(key)).toBeNull();
    expect(textIn(key, 'browser')).toBe('0.8');
  });

  test('stops no typing', () => {
    refuse();
    const { result } = renderHook(() => useKept(`typed-${how}`, { name: '' }));
    act(() => result.current[1]({ name: 'Greenside left' }));
    expect(result.current[0]).toEqual({ name: 'Greenside left' });
  });
});

test('what was kept in the page alone goes to the storage with the next change that it takes', () => {
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  keep('later', { n: 1 });
  full.mockRestore();
  keep('later', { n: 2 });
  expect(JSON.parse(sessionStorage.getItem('later')!)).toEqual({ n: 2 });
  expect(keptIn('later')).toEqual({ n: 2 });
});
