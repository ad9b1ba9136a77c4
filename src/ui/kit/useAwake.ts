'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => {};

/** True once the page does what its buttons say: not as the server renders it, when a tap would be lost. */
export const useAwake = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
