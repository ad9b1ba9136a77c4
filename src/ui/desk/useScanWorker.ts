'use client';

import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, type RefObject } from 'react';
import type { ScanWorker } from '@/workers/scan.worker';

/** A worker for long scans that lives as long as the component. */
export function useScanWorker(): RefObject<Remote<ScanWorker> | null> {
  const worker = useRef<Remote<ScanWorker> | null>(null);
  useEffect(() => {
    const thread = new Worker(new URL('../../workers/scan.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.current = wrap<ScanWorker>(thread);
    return () => {
      worker.current = null;
      thread.terminate();
    };
  }, []);
  return worker;
}
