import type { Engine } from '@/ui/engine/engine';

/** Stands in for the page's own engine where there is no browser: a test hands over the engine that it wants. */
export function pageEngine(): Engine {
  throw new Error('A test hands over its engine in EngineContext.');
}
