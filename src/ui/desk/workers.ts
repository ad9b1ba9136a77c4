import type { CallsWorker } from '@/workers/calls.worker';
import type { ScanWorker } from '@/workers/scan.worker';
import { useWorker } from '../frame/useWorker';

const startCalls = (): Worker =>
  new Worker(new URL('../../workers/calls.worker.ts', import.meta.url), { type: 'module' });

const startScan = (): Worker =>
  new Worker(new URL('../../workers/scan.worker.ts', import.meta.url), { type: 'module' });

/** A worker for call sheets and single set-ups. */
export const useCallsWorker = (onFailure?: () => void) =>
  useWorker<CallsWorker>(startCalls, onFailure);

/** A worker for long scans: changes, bands and call maps. */
export const useScanWorker = (onFailure?: () => void) =>
  useWorker<ScanWorker>(startScan, onFailure);
