/* A thread of its own that opens a copy and counts its rows: seconds of computing that nobody else waits for. */
import { parentPort, workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const { counted } = await import('./archive.ts');
parentPort.postMessage(await counted(workerData));
