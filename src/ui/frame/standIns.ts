'use client';

import { createContext, useContext } from 'react';

/** True where simulated devices are shown beside the real ones, as the academy's settings have it. */
export const StandInsContext = createContext(false);

export const useStandIns = (): boolean => useContext(StandInsContext);
