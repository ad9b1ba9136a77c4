import '@/core/model/batch/start';
import { prescribe } from './commands';

process.exitCode = await prescribe(process.argv.slice(2));
