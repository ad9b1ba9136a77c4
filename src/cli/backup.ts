import { copyData, putBack } from './copies';

const [what, ...args] = process.argv.slice(2);
process.exitCode = what === 'restore' ? await putBack(args) : await copyData(args);
