import type { Metadata } from 'next';

/** What a browser's tab says of a page. */
export const titled = (page: string): Metadata => ({ title: `${page} · Mellow Divot` });
