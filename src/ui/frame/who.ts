'use client';

import { createContext, useContext } from 'react';
import type { Role } from '@/core/lesson/coaches/account';

/** Who is signed in, a phone that was brought to one lesson too; null on this machine, where nobody signs in. */
export type Who = { name: string; role: Role; paired?: boolean } | null;

export const WhoContext = createContext<Who>(null);

export const useWho = (): Who => useContext(WhoContext);

/** True for whoever may do everything: a head coach, and anybody on this machine, where nobody signs in. */
export function useHeads(): boolean {
  const who = useWho();
  return who === null || who.role === 'head-coach';
}

/** True for an assistant, who is shown what assistants may do. */
export const useAssists = (): boolean => useWho()?.role === 'assistant';
