import { dataFolder } from '@/data/dataFolder';
import { FolderInUse, takeFolder } from '@/data/folder/ownership';

/* Says whether the data folder is free: exit status 3 when another process holds it. */
try {
  await (await takeFolder(dataFolder())).release();
} catch (error) {
  console.error(error instanceof FolderInUse ? error.message : error);
  process.exitCode = 3;
}
