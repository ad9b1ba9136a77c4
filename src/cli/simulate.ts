import '@/core/model/batch/start';
import { simulate } from './commands';

process.exitCode = await simulate(process.argv.slice(2));
