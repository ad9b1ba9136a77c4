import { t } from '@/core/tell/language/t';
import { fact } from '@/core/ground/fact/fact';
import { classRound } from '@/core/lesson/eye/cards';
import { readRound } from '@/core/lesson/eye/round';
import { academyIn } from '@/app/house';
import { data } from '@/app/data';
import { unitsFrom } from '@/ui/frame/cookies';
import { inThread } from '@/workers/server/pool';
import { pdfFile, refuse, withFaults } from '../../../api/respond';

export const dynamic = 'force-dynamic';

/** A round for a class as a sheet with the answers on its back: its number `round`, `level`, and `units`. */
export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const round = readRound(query);
  if (!round) {
    const message = fact('request.round');
    return refuse(400, [{ path: 'round', message }]);
  }
  const { sql } = await data();
  const house = await academyIn(sql);
  const units = unitsFrom(query.get('units') ?? undefined, house.units);
  return withFaults(async () => {
    const scenes = classRound(round.seed, round.level);
    const calls = await Promise.all(
      scenes.map(({ shot }) => inThread('classCall', shot, house.handed, house.skill, units)),
    );
    const title = t('Read it and call it: round {seed}, level {level}', {
      seed: round.seed,
      level: round.level,
    });
    const pdf = await inThread('eyePdf', { title, scenes, calls, units });
    return pdfFile(pdf, `read-and-call-${round.seed}.pdf`);
  });
}
