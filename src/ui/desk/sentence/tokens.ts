import { toldIn } from '@/core/tell/language/told';

interface TokenWords {
  /** Key that opens it. */
  key: string;
  /** As the palette says it, and as the sheet of keys does. */
  name: string;
  does: string;
}

/** The tokens of the sentence. */
export const TOKENS = toldIn(['name', 'does'], {
  player: { key: 'p', name: 'Choose the player', does: 'player' },
  lie: { key: 'i', name: 'Set the lie', does: 'lie' },
  sand: { key: 's', name: 'Set the sand', does: 'sand' },
  slope: { key: 't', name: 'Set the slope', does: 'tilt of the ground' },
  pin: { key: 'd', name: 'Set the distance to the flag', does: 'distance to the flag' },
  lip: { key: 'l', name: 'Set the lip', does: 'lip' },
  edge: { key: 'e', name: 'Set the front edge of the green', does: 'front edge of the green' },
  back: {
    key: 'b',
    name: 'Set the back edge of the green',
    does: 'back edge, and what lies behind',
  },
  stimp: { key: 'g', name: 'Set the speed of the green', does: 'speed and slope of the green' },
  wind: { key: 'w', name: 'Set the wind', does: 'wind, once there is some' },
  more: {
    key: 'a',
    name: 'Landing, carry, ways out',
    does: 'anything more: wind, landing, ways out',
  },
} as const satisfies Record<string, TokenWords>);

export type TokenName = keyof typeof TOKENS;

export const TOKEN_NAMES = Object.keys(TOKENS) as TokenName[];
