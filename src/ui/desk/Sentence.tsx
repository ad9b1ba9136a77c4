'use client';

import type { Club } from '@/core/club/club';
import type { Fault } from '@/core/contract/fault';
import type { Threshold } from '@/core/measure/measured';
import { BEYONDS } from '@/core/green/surface';
import { nearestLie } from '@/core/sand/lie';
import type { SandPreset } from '@/core/sand/presets';
import type { ShotInput } from '@/core/reading/reading';
import type { FactorName } from '@/core/search/factors';
import type { Shot } from '@/core/shot/shot';
import { degrees } from '@/core/units/angle';
import { fromMetres } from '@/core/units/length';
import { plainNumber, sayLength, unitFor, type Scale } from '@/core/units/say';
import type { UnitSystem } from '@/core/units/system';
import { LipMeasure } from '../measure/LipMeasure';
import { MeasureBox } from '../measure/MeasureBox';
import { Pacing } from '../measure/Pacing';
import { TiltMeasure } from '../measure/TiltMeasure';
import { ChoiceGroup } from '../reading/ChoiceGroup';
import { LiePanel } from '../reading/LiePanel';
import { NumberPanel } from '../reading/NumberPanel';
import { PlayerPanel } from '../reading/PlayerPanel';
import { SandPanel } from '../reading/SandPanel';
import { SlopePanel } from '../reading/SlopePanel';
import { Token } from '../reading/Token';
import { WindPanel } from '../reading/WindPanel';
import { mph, windWords } from '../reading/wind';
import { BEYOND_WORDS, LIE_WORDS, SAND_WORDS, slopeWords } from '../reading/words';
import { MoreTokens } from './MoreTokens';
import { TOKEN_KEYS, type TokenName } from './tokens';
import type { DeskPlayer } from './types';

interface SentenceProps {
  players: readonly DeskPlayer[];
  player: DeskPlayer;
  shot: ShotInput;
  /** The shot as it is computed, for what the reading leaves to the product. */
  resolved: Shot;
  units: UnitSystem;
  faults: readonly Fault[];
  open: TokenName | null;
  onOpen: (token: TokenName | null) => void;
  onPlayer: (id: string) => void;
  /** Sets fields of the shot; gives back what is wrong, or null. */
  onFields: (changes: Readonly<Record<string, unknown>>) => string | null;
  /** The clubs, for measuring in club lengths. */
  bag: readonly Club[];
  /** Where the call changes in a factor; null while that is being looked for. */
  thresholdsOf: (factor: FactorName) => readonly Threshold[] | null;
}

/** The situation as one spoken sentence whose underlined words are the controls. */
export function Sentence(props: SentenceProps) {
  const { players, player, shot, resolved, units, faults, open, onOpen, onPlayer, onFields } =
    props;
  const { bag, thresholdsOf } = props;
  const sand = (shot.sand ?? {}) as ShotInput;
  const preset = (sand.preset as SandPreset | undefined) ?? 'medium';
  const wind = shot.wind as { speed_mps: number; from_deg?: number } | undefined;
  const onField = (path: string, value: unknown): string | null => onFields({ [path]: value });

  const tokenProps = (name: TokenName, path: string) => ({
    hotkey: TOKEN_KEYS[name],
    open: open === name,
    onOpenChange: (next: boolean) => onOpen(next ? name : null),
    faulty: faults.some((fault) => fault.path.startsWith(path)),
  });
  const said = (metres: number, scale: Scale): string => sayLength(metres, scale, units);
  const lengthPanel = (
    label: string,
    path: string,
    metres: number,
    scale: Scale,
    [from, to, step]: readonly [number, number, number],
    autoFocus = true,
  ) => {
    const unit = unitFor(scale, units);
    return (
      <NumberPanel
        key={`${path}-${unit}`}
        label={label}
        unit={unit}
        value={fromMetres(metres, unit)}
        from={from}
        to={to}
        step={step}
        autoFocus={autoFocus}
        onValue={(value) => onField(`${path}_${unit}`, value)}
      />
    );
  };

  const lengthField = (path: string, metres: number, scale: Scale): [string, number] => {
    const unit = unitFor(scale, units);
    return [`${path}_${unit}`, Math.round(fromMetres(metres, unit) * 10) / 10];
  };
  const pacing = (path: string, thresholds?: readonly Threshold[] | null) => (
    <MeasureBox title="Pace it">
      <Pacing
        units={units}
        thresholds={thresholds}
        onTake={(metres) => onFields(Object.fromEntries([lengthField(path, metres, 'ground')]))}
      />
    </MeasureBox>
  );

  const { pin, edge, back, lip, green, burial } = resolved;
  const alongDeg = degrees(resolved.along);
  const acrossDeg = degrees(resolved.across);
  const sandWords = sand.crust ? 'dry sand over a packed base' : SAND_WORDS[preset].name;

  return (
    <p className="font-heading text-[1.35rem] leading-[1.6] max-sm:text-lg">
      <Token
        {...tokenProps('player', 'player')}
        label="Player"
        panel={<PlayerPanel players={players} value={player.id} onValue={onPlayer} />}
      >
        {player.name}
      </Token>{' '}
      has a ball{' '}
      <Token
        {...tokenProps('lie', 'shot.lie')}
        label="Lie"
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
      in{' '}
      <Token
        {...tokenProps('sand', 'shot.sand')}
        label="Sand"
        panel={
          <SandPanel
            preset={preset}
            crust={sand.crust === true}
            depthMm={
              resolved.sand.baseDepth < 0.15
                ? Math.round(resolved.sand.baseDepth * 1000)
                : undefined
            }
            moisture={(sand.moisture as number | undefined) ?? 0}
            onField={onField}
          />
        }
      >
        {sandWords}
      </Token>{' '}
      on{' '}
      <Token
        after=","
        {...tokenProps('slope', 'shot.slope')}
        label="Slope"
        panel={
          <>
            <SlopePanel
              alongDeg={Math.round(alongDeg)}
              acrossDeg={Math.round(acrossDeg)}
              handed={player.handed}
              onAlong={(deg) => onField('slope.along_deg', deg)}
              onAcross={(deg) => onField('slope.across_deg', deg)}
            />
            <MeasureBox title="Measure it">
              <TiltMeasure
                handed={player.handed}
                thresholds={thresholdsOf('slope')}
                onTake={(along, across) =>
                  onFields({ 'slope.along_deg': along, 'slope.across_deg': across })
                }
              />
            </MeasureBox>
          </>
        }
      >
        {slopeWords(alongDeg, acrossDeg)}
      </Token>{' '}
      <Token
        {...tokenProps('pin', 'shot.pin')}
        label="Distance to the flag"
        panel={
          <>
            {lengthPanel('Ball to the flag', 'pin', pin, 'ground', [3, 60, 1])}
            {pacing('pin', thresholdsOf('distance'))}
          </>
        }
      >
        {said(pin, 'ground')}
      </Token>{' '}
      from the flag. The lip is{' '}
      <Token
        after=";"
        {...tokenProps('lip', 'shot.lip')}
        label="Lip"
        panel={
          <>
            {lengthPanel(
              'Height of the lip above the ball',
              'lip.height',
              lip.height,
              'height',
              [0, 12, 0.5],
            )}
            {lengthPanel(
              'Lip ahead of the ball',
              'lip.distance',
              lip.distance,
              'height',
              [1, 40, 1],
              false,
            )}
            <MeasureBox title="Measure it">
              <LipMeasure
                bag={bag}
                units={units}
                thresholds={thresholdsOf('lip')}
                onTake={(height, distance) =>
                  onFields(
                    Object.fromEntries([
                      lengthField('lip.height', height, 'height'),
                      ...(distance === undefined
                        ? []
                        : [lengthField('lip.distance', distance, 'height')]),
                    ]),
                  )
                }
              />
            </MeasureBox>
          </>
        }
      >
        {said(lip.height, 'height')} high and {said(lip.distance, 'height')} ahead
      </Token>{' '}
      the green starts at{' '}
      <Token
        after=","
        {...tokenProps('edge', 'shot.edge')}
        label="Front edge of the green"
        panel={
          <>
            {lengthPanel('Ball to the front edge', 'edge', edge, 'ground', [2, 60, 1])}
            {pacing('edge')}
          </>
        }
      >
        {said(edge, 'ground')}
      </Token>{' '}
      ends at{' '}
      <Token
        {...tokenProps('back', 'shot.back')}
        label="Back edge of the green"
        panel={
          <>
            {lengthPanel('Ball to the back edge', 'back', back, 'ground', [3, 90, 1])}
            {pacing('back')}
            <ChoiceGroup
              label="Past the green"
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
      and runs{' '}
      <Token
        after={wind ? ';' : '.'}
        {...tokenProps('stimp', 'shot.green')}
        label="Speed of the green"
        panel={
          <>
            <NumberPanel
              label="Speed of the green"
              unit="ft"
              value={fromMetres(green.stimp, 'ft')}
              from={5}
              to={14}
              step={0.5}
              autoFocus
              help="Stimpmeter reading: 8 is slow, 10 usual, 12 fast."
              onValue={(value) => onField('green.stimp_ft', value)}
            />
            <NumberPanel
              label="Uphill at the landing"
              unit="°"
              value={Math.round(degrees(green.slope) * 2) / 2}
              from={-5}
              to={5}
              step={0.5}
              help="Minus for downhill."
              onValue={(value) => onField('green.slope_deg', value)}
            />
          </>
        }
      >
        {plainNumber(fromMetres(green.stimp, 'ft'))}
        {Math.abs(green.slope) > 0.004 &&
          `, ${plainNumber(Math.abs(degrees(green.slope)))}° ${green.slope > 0 ? 'uphill' : 'downhill'}`}
      </Token>
      {wind && (
        <>
          {' '}
          wind{' '}
          <Token
            after="."
            {...tokenProps('wind', 'shot.wind')}
            label="Wind"
            panel={
              <WindPanel
                speedMps={wind.speed_mps}
                fromDeg={wind.from_deg ?? 0}
                units={units}
                onWind={(speed, from) =>
                  onFields({ wind: speed === 0 ? undefined : { speed_mps: speed, from_deg: from } })
                }
              />
            }
          >
            {units === 'metres'
              ? `${plainNumber(wind.speed_mps)}\u00a0m/s`
              : `${Math.round(mph(wind.speed_mps))}\u00a0mph`}{' '}
            {windWords(wind.from_deg ?? 0)}
          </Token>
        </>
      )}{' '}
      <MoreTokens
        shot={shot}
        resolved={resolved}
        units={units}
        open={open === 'more'}
        another={open !== null && open !== 'more'}
        onOpenChange={(next) => onOpen(next ? 'more' : null)}
        onFields={onFields}
        onWind={() => onOpen('wind')}
      />
    </p>
  );
}
