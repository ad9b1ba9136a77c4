import { accounts } from './accounts';

process.exitCode = await accounts(process.argv.slice(2));
