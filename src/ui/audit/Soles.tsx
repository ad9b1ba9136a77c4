import { t } from '@/core/tell/language/t';
import { Sideways } from '../kit/Sideways';
import { useMemo } from 'react';
import { bounceFits, FIT_DISTANCE, type BounceFit } from '@/core/search/audit/bounceFit';
import type { Player } from '@/core/ground/player/player';
import type { SandPreset } from '@/core/ground/sand/presets';
import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { sayLength } from '@/core/tell/language/say';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { useUnits } from '../kit/units';

const SANDS: readonly SandPreset[] = ['soft', 'medium', 'firm', 'wet'];

/** What a sole makes of a sand, in words. */
function soleWords({ verdict, thin, heavy, bestDeg, saving }: BounceFit): string {
  if (verdict === 'cannot') return t('cannot reach');
  const odds = t('{thin} thin, {heavy} heavy', {
    thin: Math.round(thin! * 100),
    heavy: Math.round(heavy! * 100),
  });
  if (verdict === 'suits') return `${odds}`;
  return t('{odds}; {best}° of bounce would save {saving} strokes', {
    odds,
    best: Math.round(bestDeg!),
    saving: saving.toFixed(2),
  });
}

/** Thin and heavy of each wedge in each sand, and another bounce where it would save something. */
export function Soles({ player }: { player: Player }) {
  const units = useUnits();
  const fits = useMemo(() => {
    const golfer = golferOf(player);
    return bounceFits(player, golfer, SANDS, sampleSwings(golfer.habits, 128, 1));
  }, [player]);
  const clubs = [...new Set(fits.map(({ club }) => club))];
  return (
    <section aria-labelledby="soles">
      <h3 id="soles" className="text-lg">
        {t('Bounce by sand')}
      </h3>
      {clubs.length === 0 ? (
        <p>{t('There is no wedge in the bag.')}</p>
      ) : (
        <Sideways label={t('Soles')}>
          <table className="w-full border-collapse text-sm">
            <thead>
              <tr className="border-b-2 border-hairline text-left">
                <th scope="col" className="py-1">
                  {t('Per 100 bunker shots')}
                </th>
                {SANDS.map((sand) => (
                  <th key={sand} scope="col" className="px-2">
                    {SAND_WORDS[sand].short}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {clubs.map((club) => (
                <tr key={club} className="border-b border-hairline align-top">
                  <th scope="row" className="py-1 text-left text-base">
                    {club}
                  </th>
                  {SANDS.map((sand) => {
                    const fit = fits.find((each) => each.club === club && each.sand === sand)!;
                    const odd = fit.verdict === 'more' || fit.verdict === 'less';
                    return (
                      <td key={sand} className={`px-2 py-1 ${odd ? 'font-semibold' : ''}`}>
                        {soleWords(fit)}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </Sideways>
      )}
      <p className="mt-1 text-sm text-ink-soft">
        {t(
          'Nearly square face, {distance}. Another bounce is named only where it makes a real difference; in soft sand the model finds little in it.',
          { distance: sayLength(FIT_DISTANCE, 'ground', units) },
        )}
      </p>
    </section>
  );
}
