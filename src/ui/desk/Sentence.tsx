'use client';

import { lengthOf } from '@/core/contract/fields';
import type { Fault } from '@/core/contract/fault';
import type { SandPreset } from '@/core/sand/presets';
import type { ShotInput } from '@/core/reading/reading';
import type { Shot } from '@/core/shot/shot';
import { fromMetres } from '@/core/units/length';
import { plainNumber, sayLength, unitFor, type Scale } from '@/core/units/say';
import type { UnitSystem } from '@/core/units/system';
import { NumberPanel } from '../reading/NumberPanel';
import { PlayerPanel } from '../reading/PlayerPanel';
import { SandPanel } from '../reading/SandPanel';
import { Token } from '../reading/Token';
import { SAND_WORDS } from '../reading/words';
import type { DeskPlayer } from './types';

/** The tokens of the sentence. */
export type TokenName = 'player' | 'sand' | 'pin' | 'lip' | 'edge' | 'back' | 'stimp';

export const TOKEN_KEYS: Record<TokenName, string> = {
  player: 'p',
  sand: 's',
  pin: 'd',
  lip: 'l',
  edge: 'e',
  back: 'b',
  stimp: 'g',
};

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
  /** Sets a field of the shot; gives back what is wrong, or null. */
  onField: (path: string, value: unknown) => string | null;
}

/** The situation as one spoken sentence whose underlined words are the controls. */
export function Sentence(props: SentenceProps) {
  const { players, player, shot, resolved, units, faults, open, onOpen, onPlayer, onField } = props;
  const lip = shot.lip as ShotInput | undefined;
  const green = shot.green as ShotInput | undefined;
  const preset = ((shot.sand as ShotInput | undefined)?.preset as SandPreset) ?? 'medium';

  const tokenProps = (name: TokenName, path: string) => ({
    hotkey: TOKEN_KEYS[name],
    open: open === name,
    onOpenChange: (next: boolean) => onOpen(next ? name : null),
    faulty: faults.some((fault) => fault.path.startsWith(path)),
  });
  const metresOf = (place: ShotInput | undefined, name: string): number | undefined =>
    place === undefined ? undefined : lengthOf(place, name);
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

  const pin = metresOf(shot, 'pin') ?? resolved.pin;
  const edge = metresOf(shot, 'edge') ?? resolved.edge;
  const back = metresOf(shot, 'back') ?? resolved.back;
  const height = metresOf(lip, 'height') ?? resolved.lip.height;
  const distance = metresOf(lip, 'distance') ?? resolved.lip.distance;
  const stimp = metresOf(green, 'stimp') ?? resolved.green.stimp;
  const lipPanel = (first: 'height' | 'distance') => (
    <>
      {lengthPanel(
        'Height of the lip above the ball',
        'lip.height',
        height,
        'height',
        [0, 12, 0.5],
        first === 'height',
      )}
      {lengthPanel(
        'Lip ahead of the ball',
        'lip.distance',
        distance,
        'height',
        [1, 40, 1],
        first === 'distance',
      )}
    </>
  );

  return (
    <p className="font-heading text-[1.35rem] leading-[1.6] max-sm:text-lg">
      <Token
        {...tokenProps('player', 'player')}
        label="Player"
        panel={<PlayerPanel players={players} value={player.id} onValue={onPlayer} />}
      >
        {player.name}
      </Token>{' '}
      has a ball lying clean in{' '}
      <Token
        after=","
        {...tokenProps('sand', 'shot.sand')}
        label="Sand"
        panel={<SandPanel value={preset} onValue={(value) => onField('sand.preset', value)} />}
      >
        {SAND_WORDS[preset].name}
      </Token>{' '}
      <Token
        {...tokenProps('pin', 'shot.pin')}
        label="Distance to the flag"
        panel={lengthPanel('Ball to the flag', 'pin', pin, 'ground', [3, 60, 1])}
      >
        {said(pin, 'ground')}
      </Token>{' '}
      from the flag. The lip is{' '}
      <Token after=";" {...tokenProps('lip', 'shot.lip')} label="Lip" panel={lipPanel('height')}>
        {said(height, 'height')} high and {said(distance, 'height')} ahead
      </Token>{' '}
      the green starts at{' '}
      <Token
        after=","
        {...tokenProps('edge', 'shot.edge')}
        label="Front edge of the green"
        panel={lengthPanel('Ball to the front edge', 'edge', edge, 'ground', [2, 60, 1])}
      >
        {said(edge, 'ground')}
      </Token>{' '}
      ends at{' '}
      <Token
        {...tokenProps('back', 'shot.back')}
        label="Back edge of the green"
        panel={lengthPanel('Ball to the back edge', 'back', back, 'ground', [3, 90, 1])}
      >
        {said(back, 'ground')}
      </Token>{' '}
      and runs{' '}
      <Token
        after="."
        {...tokenProps('stimp', 'shot.green')}
        label="Speed of the green"
        panel={
          <NumberPanel
            label="Speed of the green"
            unit="ft"
            value={fromMetres(stimp, 'ft')}
            from={5}
            to={14}
            step={0.5}
            autoFocus
            help="Stimpmeter reading: 8 is slow, 10 usual, 12 fast."
            onValue={(value) => onField('green.stimp_ft', value)}
          />
        }
      >
        {plainNumber(fromMetres(stimp, 'ft'))}
      </Token>
    </p>
  );
}
