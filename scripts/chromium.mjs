import { existsSync } from 'node:fs';

/** Debian's builds of Chromium, the one without a window first: it asks a fifth less of the processors for the same pages. */
const BUILDS = [
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
];

/** Debian's packages of them, in the same order. */
export const PACKAGES = ['chromium-headless-shell', 'chromium'];

/**
 * The Chromium that the tests and the bench drive: the one that MELLOW_CHROMIUM names, else Debian's.
 *
 * @returns {string | undefined} its path; undefined where there is none
 */
export const chromiumHere = () =>
  process.env.MELLOW_CHROMIUM ?? BUILDS.find((file) => existsSync(file));
