'use client';

import { STYLE_WORDS } from '@/core/tell/words/ladderWords';
import { t } from '@/core/tell/language/t';
import { Sideways } from '../kit/Sideways';
import { learntWords } from '@/core/tell/words/player';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { ladder, LADDER_HOURS, LADDER_SAMPLE, type LadderRow } from '@/core/search/ladder/ladder';
import { LADDER_STYLE_NAMES, type LadderStyle } from '@/core/search/ladder/style';
import type { Player } from '@/core/ground/player/player';
import { presetSand, SAND_PRESETS, type SandPreset } from '@/core/ground/sand/presets';
import { placeSands } from '@/core/place/field/placeSands';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { golferOf } from '@/core/model/golfer/golferOf';
import { shortLengthWords } from '@/core/tell/words/words';
import { sampleSwings } from '@/core/model/spread/swings';
import { fractionAtClock, swingClock } from '@/core/ground/units/clock';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { groundChoices, groundOf, type Ground, type GroundKey } from '../kit/ground';
import { Reaches } from './Reaches';
import { useUnits } from '../kit/units';
import { Pick } from '../kit/fields';

const LadderChart = dynamic(() => import('./LadderChart').then((module) => module.LadderChart), {
  ssr: false,
  loading: () => <p className="h-72 pt-4 text-ink-soft">{t('Drawing …')}</p>,
});

interface LadderProps {
  player: Player;
  /** Drawn ground whose sands are a mix to be played from. */
  grounds?: readonly Ground[];
  /** The day whose sand is played from there, YYYY-MM-DD. */
  today?: string;
}

const NONE: readonly Ground[] = [];

/** Seed of the swings that spreads are shown from: the same player gives the same ladder. */
const SEED = 1;

/** Hardpan takes no splash; what lies on it is picked. */
const SANDS = SAND_PRESETS.filter((preset) => preset !== 'hardpan');

/** Club by swing: what each carries, where it stops, and how widely; and what reaches a distance. */
export function Ladder({ player, grounds = NONE, today = '' }: LadderProps) {
  const units = useUnits();
  const [style, setStyle] = useState<LadderStyle>('splash');
  const [sand, setSand] = useState<SandPreset | GroundKey>('medium');
  const [chart, setChart] = useState(false);
  const { golfer, swings } = useMemo(() => {
    const own = golferOf(player);
    return { golfer: own, swings: sampleSwings(own.habits, LADDER_SAMPLE, SEED) };
  }, [player]);
  const sands = useMemo(() => {
    const ground = groundOf(grounds, sand);
    if (ground) return placeSands(drawnPlace(ground.place), today);
    return [presetSand(sand as SandPreset)];
  }, [sand, grounds, today]);
  const rows = useMemo(
    () => ladder(player, golfer, style, sands, swings),
    [player, golfer, style, sands, swings],
  );
  const unit = unitFor('ground', units);
  return (
    <section aria-labelledby="ladder">
      <header className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <h2 id="ladder" className="text-2xl">
          {t('Ladder')}
        </h2>
        <Pick
          label={t('Played')}
          value={style}
          onValue={setStyle}
          options={LADDER_STYLE_NAMES.map((each) => [each, STYLE_WORDS[each]] as const)}
        />
        <Pick
          label={t('Sand')}
          value={sand}
          onValue={setSand}
          options={[
            ...SANDS.map((each) => [each, SAND_WORDS[each].short] as const),
            ...groundChoices(grounds),
          ]}
        />
        <button
          type="button"
          aria-pressed={chart}
          onClick={() => setChart(!chart)}
          className="button lit-when-chosen"
        >
          {chart ? t('As a table') : t('As a chart')}
        </button>
      </header>
      {rows.length === 0 ? (
        <p className="mt-3">{t('No club in this bag is played this way.')}</p>
      ) : chart ? (
        <LadderChart rows={rows} />
      ) : (
        <LadderTable rows={rows} />
      )}
      <p className="mt-2 text-sm leading-snug text-ink-soft">
        {t(
          'Carry in {unit} to a level green in bold; below it where the ball finishes, and where 8 in 10 of this player’s balls finish.',
          { unit },
        )}{' '}
        {sands.length > 1 &&
          `${t('One swing for all of these bunkers: the mean over their sands today.')} `}
        {player.learnt
          ? t('From the model with {numbers}.', { numbers: learntWords(player.learnt) })
          : t('From the model and averages for this level.')}
      </p>
      <Reaches player={player} golfer={golfer} sands={sands} swings={swings} />
    </section>
  );
}

function LadderTable({ rows }: { rows: readonly LadderRow[] }) {
  const units = useUnits();
  const unit = unitFor('ground', units);
  const say = (metres: number): string => plainNumber(fromMetres(metres, unit), 0);
  return (
    <Sideways label={t('Ladder')} className="mt-3">
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-hairline">
            <th scope="col" className="py-1 text-left">
              {t('Club')}
            </th>
            {LADDER_HOURS.map((hours) => (
              <th key={hours} scope="col" className="px-2 text-right">
                {hours >= 11 ? t('full') : swingClock(fractionAtClock(hours))}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.club} className="border-b border-hairline align-top">
              <th scope="row" className="py-1.5 text-left">
                <span className="block font-heading text-xl font-semibold">{row.club}</span>
                <span className="block text-sm font-normal text-ink-soft">
                  {row.faceDeg === 0 ? t('square') : t('{face}° open', { face: row.faceDeg })},{' '}
                  {row.entry > 0
                    ? t('{length} behind', {
                        length: shortLengthWords(row.entry, units),
                      })
                    : t('ball first')}
                </span>
              </th>
              {row.rungs.map((rung, i) => (
                <td key={LADDER_HOURS[i]} className="px-2 py-1.5 text-right">
                  {rung ? (
                    <>
                      <span className="block text-xl font-semibold">{say(rung.carry)}</span>
                      <span className="block text-sm whitespace-nowrap text-ink-soft">
                        {say(rung.finish)} ({say(rung.low)}–{say(rung.high)})
                      </span>
                    </>
                  ) : (
                    <span className="text-ink-soft">–</span>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
