import '@/core/model/batch/start';
import { track } from './track';

process.exitCode = await track(process.argv.slice(2));
