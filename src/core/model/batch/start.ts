import { KERNEL } from './compiled';
import { giveKernel } from './engine';

/* Imported for its effect by what plays many shots: threads that search, commands, tests. */

giveKernel(KERNEL);
