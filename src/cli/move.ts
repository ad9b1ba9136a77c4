import { moveData } from './moves';

process.exitCode = await moveData(process.argv.slice(2));
