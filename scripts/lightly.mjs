/* Loaded ahead of short-lived processes by the tests: WebAssembly is compiled once, quickly. The second, better compilation of the
   database costs three seconds of a core, which a process that lives for ten never gets back. */
import { setFlagsFromString } from 'node:v8';

setFlagsFromString('--liftoff-only');
