import { lazy } from 'react';

/* What opens over the desk is fetched apart from it: the desk itself must be there first. */

const fetchers = {
  ByHand: async () => ({ default: (await import('./ByHand')).ByHand }),
  CallMap: async () => ({ default: (await import('../../callmap/CallMap')).CallMap }),
  Compare: async () => ({ default: (await import('./Compare')).Compare }),
  KeepDialog: async () => ({ default: (await import('./KeepDialog')).KeepDialog }),
  KeySheet: async () => ({ default: (await import('../../frame/KeySheet')).KeySheet }),
  Palette: async () => ({ default: (await import('../../frame/Palette')).Palette }),
  ReadingsDrawer: async () => ({ default: (await import('./ReadingsDrawer')).ReadingsDrawer }),
  RulesAndCare: async () => ({ default: (await import('./RulesAndCare')).RulesAndCare }),
  SchoolsTable: async () => ({ default: (await import('./SchoolsTable')).SchoolsTable }),
  TypeLine: async () => ({ default: (await import('./TypeLine')).TypeLine }),
};

export const ByHand = lazy(fetchers.ByHand);
export const CallMap = lazy(fetchers.CallMap);
export const Compare = lazy(fetchers.Compare);
export const KeepDialog = lazy(fetchers.KeepDialog);
export const KeySheet = lazy(fetchers.KeySheet);
export const Palette = lazy(fetchers.Palette);
export const ReadingsDrawer = lazy(fetchers.ReadingsDrawer);
export const RulesAndCare = lazy(fetchers.RulesAndCare);
export const SchoolsTable = lazy(fetchers.SchoolsTable);
export const TypeLine = lazy(fetchers.TypeLine);

/** Fetches all of them, so that each opens at once; one that does not come is fetched again when it is opened. */
export function fetchOverlays(): void {
  for (const fetcher of Object.values(fetchers)) fetcher().catch(() => undefined);
}
