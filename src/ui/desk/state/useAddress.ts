'use client';

import { useEffect, useRef } from 'react';

/** How long a reading must rest before the address follows it, ms. */
const REST_MS = 250;

/** Readings that follow each other faster than this are one step of the browser's Back: a drag with rests, or a number being typed, ms. */
const ONE_STEP_MS = 1000;

/** What an entry of the browser's history is marked with whose address is a reading of the desk's own. */
const OWN = { ownReading: true };

/**
 * Keeps the whole reading in the address, each that came to rest as a step of the browser's Back and Forward.
 *
 * @param query the reading as a query string
 * @param onBack takes the reading of an address that the browser went back or forward to, from another reading or another room
 * @returns goes to another page
 */
export function useAddress(query: string, onBack: (query: string) => void): (to: string) => void {
  const steppedAt = useRef(-Infinity);
  const begun = useRef(false);
  const pending = useRef<() => void>(() => {});
  const follow = useRef(onBack);
  useEffect(() => {
    follow.current = onBack;
  });

  useEffect(() => {
    // Not at every step of a drag: the router takes part in each change of the address.
    const timer = setTimeout(() => {
      stop();
      // The address that the desk was opened with becomes the reading's; it is no step.
      const first = !begun.current;
      begun.current = true;
      if (window.location.search.slice(1) === query) return;
      const at = performance.now();
      const isStep = !first && at - steppedAt.current > ONE_STEP_MS;
      if (isStep) steppedAt.current = at;
      window.history[isStep ? 'pushState' : 'replaceState'](OWN, '', `/?${query}`);
    }, REST_MS);
    // Who is on the way to another page would be called back by a change of the address.
    const stop = (): void => {
      clearTimeout(timer);
      document.removeEventListener('click', onLink, true);
    };
    const onLink = ({ target, ctrlKey, metaKey, shiftKey }: MouseEvent): void => {
      const elsewhere = ctrlKey || metaKey || shiftKey;
      if (!elsewhere && target instanceof Element && target.closest('a[href]')) stop();
    };
    document.addEventListener('click', onLink, true);
    pending.current = stop;
    return stop;
  }, [query]);

  useEffect(() => {
    const back = (): void => {
      if (window.location.pathname === '/') follow.current(window.location.search.slice(1));
    };
    // Back from another room the page comes as it was fetched at first.
    if (window.history.state?.ownReading) back();
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, []);

  return (to) => {
    pending.current();
    window.location.assign(to);
  };
}
