/** Where a browser keeps the bunker's page. */
const PAGE = 'mellow-bunker-page';

/** Has the browser forget the page that it kept: who was erased may stand in it. One that refuses its storage keeps none. */
export async function forgetKeptPage(): Promise<void> {
  try {
    const { caches } = window as Partial<Window & typeof globalThis>;
    await caches?.delete(PAGE);
  } catch {
    // Whatever comes after it, signing out first of all, is not held up.
  }
}
