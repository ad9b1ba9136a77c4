'use client';

import { sayFact } from '@/core/tell/facts/sayFact';
import { t } from '@/core/tell/language/t';
import { Slider } from 'radix-ui';
import { useState } from 'react';
import { openingLimitDeg, type Club } from '@/core/ground/club/club';
import { speedFromCarry } from '@/core/model/golfer/headSpeed';
import type { Player } from '@/core/ground/player/player';
import { oddCarries } from '@/core/lesson/players/likelySlip';
import { radians } from '@/core/ground/units/angle';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber, saySmall, sayLength, saySpeed } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { ClubProfile, openedClub } from '../drawing/ClubProfile';
import { useUnits } from '../kit/units';

interface RackProps {
  player: Player;
  /** Full head speed at a wedge's length, m/s, inferred from the bag. */
  headSpeed: number;
  /** Puts another stock carry in a club's place, m. */
  onCarry: (club: string, metres: number) => void;
}

const MOST_OPEN = 45;

/** The bag as a rack of profiles to scale; a slider opens them all and shows what that does. */
export function Rack({ player, headSpeed, onCarry }: RackProps) {
  const units = useUnits();
  const [openDeg, setOpenDeg] = useState(0);
  const odd = oddCarries(player);
  return (
    <section aria-labelledby="rack">
      <header className="flex flex-wrap items-baseline gap-x-6">
        <h2 id="rack" className="text-2xl">
          {t('Bag')}
        </h2>
        <p className="text-ink-soft">
          {t('Head speed with a wedge about')} <strong>{saySpeed(headSpeed, units)}</strong>
          {player.bag.some(({ stockCarry }) => stockCarry !== undefined)
            ? t(', from the stock carries.')
            : t(', the average for this level: no carries entered.')}
        </p>
        <div className="ml-auto flex items-center gap-3">
          <span id="opening">{t('Face open {open}°', { open: openDeg })}</span>
          <Slider.Root
            className="relative flex h-11 w-48 touch-none items-center"
            min={0}
            max={MOST_OPEN}
            step={1}
            value={[openDeg]}
            onValueChange={([next]) => setOpenDeg(next!)}
          >
            <Slider.Track className="relative h-1 grow rounded bg-hairline">
              <Slider.Range className="absolute h-full rounded bg-ink" />
            </Slider.Track>
            <Slider.Thumb
              aria-label={t('Face open, degrees')}
              className="block size-6 rounded-full border-2 border-ink bg-flag"
            />
          </Slider.Root>
        </div>
      </header>
      <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-x-4 gap-y-5">
        {player.bag.map((club) => {
          const limit = openingLimitDeg(club);
          const opening = radians(Math.min(openDeg, limit));
          const { loftDeg, bounceDeg, edgeMm } = openedClub(club, opening);
          const slip = odd.find((each) => each.club === club.name);
          return (
            <li key={club.name}>
              <ClubProfile club={club} opening={opening} handed={player.handed} />
              <p className="font-heading text-lg font-semibold">{club.name}</p>
              <p className="text-sm leading-snug">
                {t('{loft}° loft, {bounce}° bounce', {
                  loft: plainNumber(loftDeg, 0),
                  bounce: plainNumber(bounceDeg, 0),
                })}
                <br />
                {t('edge {far} off the ground', { far: saySmall(edgeMm / 1000, units) })}
                {openDeg > limit && t(', opens to {limit}° at most', { limit: Math.round(limit) })}
              </p>
              <Carry club={club} player={player} />
              {slip && (
                <p className="mt-1 border-l-4 border-flag pl-2 text-sm leading-snug">
                  {slip.meant === null
                    ? t('Does not fit the other clubs, which suggest about {inUnits}.', {
                        inUnits: inUnits(slip.expected, units),
                      })
                    : t('Probably {slip}: {inUnits}?', {
                        slip: sayFact(slip.slip!),
                        inUnits: inUnits(slip.meant, units),
                      })}{' '}
                  <button
                    type="button"
                    className="min-h-6 underline underline-offset-2"
                    onClick={() => onCarry(club.name, toMetres(slip.meant ?? slip.expected, 'yd'))}
                  >
                    {t('Use that')}
                  </button>
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

const inUnits = (yards: number, units: UnitSystem): string =>
  `${Math.round(fromMetres(toMetres(yards, 'yd'), unitFor('ground', units)))} ${unitFor('ground', units)}`;

function Carry({ club, player }: { club: Club; player: Player }) {
  const units = useUnits();
  if (club.stockCarry === undefined) {
    return <p className="text-sm text-ink-soft">{t('no carry')}</p>;
  }
  return (
    <p className="text-sm">
      {t('carries {carry}, {speed}', {
        carry: sayLength(club.stockCarry, 'ground', units),
        speed: saySpeed(speedFromCarry(club, club.stockCarry, player.skill), units),
      })}
    </p>
  );
}
