import { simulate } from './commands';

process.exitCode = await simulate(process.argv.slice(2));
