import { rmSync } from 'node:fs';
import { emptyFolder } from './emptyFolder';

/**
 * For one file of tests: makes folders that were opened before and hold nothing, and takes them away after the tests.
 *
 * @returns makes one; what it is for stands in its name
 */
export function testFolders(): (name: string) => Promise<string> {
  const made: string[] = [];
  afterAll(() => made.forEach((folder) => rmSync(folder, { recursive: true, force: true })));
  return async (name) => {
    const folder = await emptyFolder(name);
    made.push(folder);
    return folder;
  };
}
