'use client';

import { t } from '@/core/tell/language/t';
import type { SetStateAction } from 'react';
import type { Club } from '@/core/ground/club/club';
import type { Fault } from '@/core/contract/check/fault';
import type { Threshold } from '@/core/ground/measure/measured';
import { BEYONDS } from '@/core/ground/situation/green';
import { nearestLie } from '@/core/ground/sand/lie';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { FactorName } from '@/core/search/changes/factors';
import type { Shot } from '@/core/ground/situation/shot';
import { degrees } from '@/core/ground/units/angle';
import { firmnessOf } from '@/core/ground/sand/sandOf';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength, saySpeed } from '@/core/tell/language/say';
import { type Scale } from '@/core/ground/units/unitFor';
import { ChoiceGroup } from '../../kit/ChoiceGroup';
import { GreenPanel } from '../../reading/GreenPanel';
import { PacedPanel } from '../../reading/LengthPanel';
import { LiePanel } from '../../reading/LiePanel';
import { LipPanel } from '../../reading/LipPanel';
import { PlayerPanel } from '../../reading/PlayerPanel';
import { SandPanel } from '../../reading/SandPanel';
import { SlopePanel } from '../../reading/SlopePanel';
import { Token } from '../../reading/Token';
import { WindPanel } from '../../reading/WindPanel';
import { windWords } from '../../reading/wind';
import type { GroundPart } from '@/core/place/sight/origin';
import {
  FIRMNESS_WORDS,
  BEYOND_WORDS,
  LIE_WORDS,
  SAND_WORDS,
  slopeWords,
} from '@/core/tell/words/situation';
import { MoreTokens } from './MoreTokens';
import { TOKENS, type TokenName } from './tokens';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { closing } from '../../kit/closing';
import { useUnits } from '../../kit/units';

interface SentenceProps {
  players: readonly RosterPlayer[];
  player: RosterPlayer;
  shot: ShotInput;
  /** What stands as drawn ground says it. */
  grounded: ReadonlySet<GroundPart>;
  /** The shot as it is computed, for what the reading leaves to the product. */
  resolved: Shot;
  faults: readonly Fault[];
  open: TokenName | null;
  onOpen: (token: SetStateAction<TokenName | null>) => void;
  onPlayer: (player: RosterPlayer) => void;
  /** Sets fields of the shot; gives back what is wrong, or null. */
  onFields: (changes: Readonly<Record<string, unknown>>) => string | null;
  /** The clubs, for measuring in club lengths. */
  bag: readonly Club[];
  /** Where the call changes in a factor; null while that is being looked for. */
  thresholdsOf: (factor: FactorName) => readonly Threshold[] | null | undefined;
}

/** The situation as one spoken sentence whose underlined words are the controls. */
export function Sentence(props: SentenceProps) {
  const units = useUnits();
  const { players, player, shot, resolved, faults, open, onOpen, onPlayer, onFields } = props;
  const { bag, thresholdsOf } = props;
  const sand = shot.sand ?? {};
  const preset = sand.preset ?? 'medium';
  const { wind } = shot;
  const onField = (path: string, value: unknown): string | null => onFields({ [path]: value });

  const tokenProps = (name: TokenName, path: string) => ({
    hotkey: TOKENS[name].key,
    open: open === name,
    onOpenChange: (next: boolean) => onOpen(next ? name : closing(name)),
    faulty: faults.some((fault) => fault.path.startsWith(path)),
    grounded: (props.grounded as ReadonlySet<string>).has(name),
  });
  const said = (metres: number, scale: Scale): string => sayLength(metres, scale, units);
  const paced = { units, onFields } as const;

  const { pin, edge, back, lip, green, burial } = resolved;
  const alongDeg = degrees(resolved.along);
  const acrossDeg = degrees(resolved.across);
  const sandWords = [
    sand.crust ? t('dry sand over a packed base') : SAND_WORDS[preset].within,
    ...(sand.firmness === undefined ? [] : [t('firmness {firmness}', { firmness: sand.firmness })]),
    ...(sand.moisture === undefined ? [] : [t('wetness {moisture}', { moisture: sand.moisture })]),
  ].join(', ');

  return (
    <p className="font-heading text-[1.35rem] leading-[1.6] max-sm:text-lg">
      <Token
        {...tokenProps('player', 'player')}
        label={t('Player')}
        panel={
          <PlayerPanel
            players={players}
            value={player.id}
            onValue={onPlayer}
            onDone={() => onOpen(closing('player'))}
          />
        }
      >
        {player.name}
      </Token>{' '}
      {t('has a ball')}{' '}
      <Token
        {...tokenProps('lie', 'shot.lie')}
        label={t('Lie')}
        panel={
          <LiePanel
            burial={burial}
            sand={resolved.sand}
            onLie={(lie) => onFields({ lie, burial_mm: undefined })}
            onBurial={(mm) => onFields({ burial_mm: mm, lie: undefined })}
          />
        }
      >
        {LIE_WORDS[nearestLie(burial)].said}
      </Token>{' '}
      {t('in')}{' '}
      <Token
        {...tokenProps('sand', 'shot.sand')}
        label={t('Sand')}
        panel={
          <SandPanel
            preset={preset}
            crust={sand.crust === true}
            depthMm={
              resolved.sand.baseDepth < 0.15
                ? Math.round(resolved.sand.baseDepth * 1000)
                : undefined
            }
            moisture={sand.moisture ?? 0}
            firmness={sand.firmness ?? firmnessOf(preset)}
            density={resolved.sand.density}
            measured={sand.firmness !== undefined || sand.density_kgm3 !== undefined}
            onFields={onFields}
          />
        }
      >
        {sandWords}
      </Token>{' '}
      {t('on')}{' '}
      <Token
        after=","
        {...tokenProps('slope', 'shot.slope')}
        label={t('Slope')}
        panel={
          <SlopePanel
            alongDeg={Math.round(alongDeg)}
            acrossDeg={Math.round(acrossDeg)}
            handed={player.handed}
            thresholds={thresholdsOf('slope')}
            onFields={onFields}
          />
        }
      >
        {slopeWords(alongDeg, acrossDeg)}
      </Token>{' '}
      <Token
        {...tokenProps('pin', 'shot.pin')}
        label={t('Distance to the flag')}
        panel={
          <PacedPanel
            {...paced}
            label={t('Ball to the flag')}
            path="pin"
            metres={pin}
            range={[3, 60, 1]}
            thresholds={thresholdsOf('distance')}
          />
        }
      >
        {said(pin, 'ground')}
      </Token>{' '}
      {t('from the flag. The lip is')}{' '}
      <Token
        after=";"
        {...tokenProps('lip', 'shot.lip')}
        label={t('Lip')}
        panel={
          <LipPanel lip={lip} bag={bag} thresholds={thresholdsOf('lip')} onFields={onFields} />
        }
      >
        {t('{said} high and {said2} ahead', {
          said: said(lip.height, 'height'),
          said2: said(lip.distance, 'height'),
        })}
      </Token>{' '}
      {t('the green starts at')}{' '}
      <Token
        after=","
        {...tokenProps('edge', 'shot.edge')}
        label={t('Front edge of the green')}
        panel={
          <PacedPanel
            {...paced}
            label={t('Ball to the front edge')}
            path="edge"
            metres={edge}
            range={[2, 60, 1]}
          />
        }
      >
        {said(edge, 'ground')}
      </Token>{' '}
      {t('ends at')}{' '}
      <Token
        {...tokenProps('back', 'shot.back')}
        label={t('Back edge of the green')}
        panel={
          <>
            <PacedPanel
              {...paced}
              label={t('Ball to the back edge')}
              path="back"
              metres={back}
              range={[3, 90, 1]}
            />
            <ChoiceGroup
              label={t('Past the green')}
              value={resolved.beyond}
              onValue={(beyond) => onField('beyond', beyond)}
              choices={BEYONDS.map((each) => ({ value: each, name: BEYOND_WORDS[each] }))}
            />
          </>
        }
      >
        {said(back, 'ground')}
        {resolved.beyond !== 'rough' && `, ${BEYOND_WORDS[resolved.beyond]}`}
      </Token>{' '}
      {t('and runs')}{' '}
      <Token
        after={wind ? ';' : '.'}
        {...tokenProps('stimp', 'shot.green')}
        label={t('Speed of the green')}
        panel={<GreenPanel green={green} onFields={onFields} />}
      >
        {plainNumber(fromMetres(green.stimp, 'ft'))}
        {Math.abs(green.slope) > 0.004 &&
          `, ${plainNumber(Math.abs(degrees(green.slope)))}° ${green.slope > 0 ? t('uphill') : t('downhill')}`}
        {green.firmness !== 'medium' && `, ${FIRMNESS_WORDS[green.firmness]}`}
      </Token>
      {wind && (
        <>
          {' '}
          {t('wind')}{' '}
          <Token
            after="."
            {...tokenProps('wind', 'shot.wind')}
            label={t('Wind')}
            panel={
              <WindPanel
                speedMps={wind.speed_mps}
                fromDeg={wind.from_deg ?? 0}
                onWind={(speed, from) =>
                  onFields({ wind: speed === 0 ? undefined : { speed_mps: speed, from_deg: from } })
                }
              />
            }
          >
            {saySpeed(wind.speed_mps, units)} {windWords(wind.from_deg ?? 0)}
          </Token>
        </>
      )}{' '}
      <MoreTokens
        shot={shot}
        resolved={resolved}
        open={open === 'more'}
        onOpenChange={(next) => onOpen(next ? 'more' : closing('more'))}
        onFields={onFields}
        onWind={() => onOpen('wind')}
      />
    </p>
  );
}
