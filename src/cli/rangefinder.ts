import { survey } from './survey';

process.exitCode = await survey(process.argv.slice(2));
