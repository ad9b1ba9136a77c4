/** Where a browser keeps the bunker's page. */
const PAGE = 'mellow-bunker-page';

/** Has the browser forget the page that it kept: who was erased may stand in it. */
export async function forgetKeptPage(): Promise<void> {
  const { caches } = window as Partial<Window & typeof globalThis>;
  await caches?.delete(PAGE);
}
