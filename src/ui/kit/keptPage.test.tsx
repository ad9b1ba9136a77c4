import { forgetKeptPage } from './keptPage';

/** A browser's storage of pages, as far as it is asked. */
const stands = (caches: object | undefined): void => {
  Object.defineProperty(window, 'caches', { configurable: true, value: caches });
};

test.each([
  ['is not there', undefined],
  ['refuses', { delete: () => Promise.reject(new DOMException('refused', 'SecurityError')) }],
  [
    'throws',
    {
      delete: () => {
        throw new DOMException('refused', 'SecurityError');
      },
    },
  ],
])('a storage of pages that %s holds nobody up who signs out', async (_, caches) => {
  stands(caches);
  await expect(forgetKeptPage()).resolves.toBeUndefined();
});

test('a page that is kept is forgotten', async () => {
  const forgotten: string[] = [];
  stands({ delete: async (name: string) => forgotten.push(name) });
  await forgetKeptPage();
  expect(forgotten).toEqual(['mellow-bunker-page']);
});
