import { fact } from '@/core/ground/fact/fact';
import { asksSignIn } from '@/app/entrance';
import { wholeData } from '@/app/data';
import { note } from '@/data/access/log';
import { lookThrough, readAcademyFile, writeAcademyFile } from '@/data/move/academyFile';
import { todayHere } from '../../../today';
import { MOST, sayBytes } from '../../bounds';
import { download, refuse, withBytes, withFaults } from '../../respond';

export const dynamic = 'force-dynamic';

/** Everything of the academy as a file, to be taken to another machine. */
export const GET = (): Promise<Response> =>
  withFaults(async () => {
    const file = await writeAcademyFile((await wholeData()).sql);
    if (file.byteLength > MOST.academy) {
      const message = fact('request.academyTooLarge', {
        most: sayBytes(MOST.academy),
      });
      return refuse(409, [{ path: 'file', message }]);
    }
    const name = `academy-${todayHere()}.jsonl.gz`;
    return download(new Uint8Array(file), 'application/gzip', name);
  });

/** Puts the academy of a file in the place of the one that is here; a backup of that is made first where the data is in a folder. */
export const PUT = (request: Request): Promise<Response> =>
  withBytes(request, MOST.academy, async (file) => {
    const { sql, copies } = await wholeData();
    // A backup of what is here is not made for a file that is none.
    await lookThrough(file);
    const backup = copies && (await copies.make('asked')).file;
    const counts = await readAcademyFile(sql, file, asksSignIn(process.env));
    // Who did it may have no account here any more.
    await note(sql, 'replaced everything from a file');
    return Response.json({ counts, backup });
  });
