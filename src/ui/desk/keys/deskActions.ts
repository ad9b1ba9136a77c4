import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { LIES } from '@/core/ground/sand/lie';
import { MISSES } from '@/core/model/shot/misses';
import { MISS_WORDS } from '@/core/tell/script/missWords';
import type { PaletteAction } from '../../frame/Palette';
import { LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import type { Look } from '../../drawing/section/DrawingBar';
import { OVERLAY_KEYS, type Overlay } from './overlays';
import { TOKEN_KEYS, type TokenName } from '../sentence/tokens';
import type { RosterPlayer } from '@/core/lesson/players/player';

const TOKEN_WORDS: Record<TokenName, string> = {
  player: 'Choose the player',
  lie: 'Set the lie',
  sand: 'Set the sand',
  slope: 'Set the slope',
  pin: 'Set the distance to the flag',
  lip: 'Set the lip',
  edge: 'Set the front edge of the green',
  back: 'Set the back edge of the green',
  stimp: 'Set the speed of the green',
  wind: 'Set the wind',
  more: 'Landing, carry, ways out',
};

const OVERLAY_WORDS: Record<Exclude<Overlay, 'palette'>, string> = {
  type: 'Type the whole reading',
  map: 'Call map',
  schools: 'Every school, side by side',
  hand: 'Change a call by hand',
  compare: 'Two calls, line by line',
  rules: 'Rules and care',
  keep: 'Keep this reading',
  readings: 'Kept readings and drafts',
  keys: 'All keys',
};

/** What the desk lets its palette do. */
export interface DeskHands {
  players: readonly RosterPlayer[];
  card: { page: string; pdf: string };
  open: (overlay: Overlay) => void;
  token: (token: TokenName) => void;
  player: (id: string) => void;
  fields: (changes: Readonly<Record<string, unknown>>) => void;
  look: (change: Partial<Look>) => void;
  units: () => void;
  theme: () => void;
  undo: () => void;
  redo: () => void;
}

const keyOf = (overlay: Overlay): string | undefined =>
  Object.entries(OVERLAY_KEYS).find(([, name]) => name === overlay)?.[0];

/** Everything that can be done at the desk. */
export function deskActions(hands: DeskHands): PaletteAction[] {
  const overlays = Object.entries(OVERLAY_WORDS) as [Exclude<Overlay, 'palette'>, string][];
  const tokens = Object.entries(TOKEN_WORDS) as [TokenName, string][];
  return [
    ...overlays.map(([overlay, name]): PaletteAction => {
      const keys = keyOf(overlay);
      return { name, group: 'Do', ...(keys ? { keys } : {}), act: () => hands.open(overlay) };
    }),
    {
      name: 'Card to print',
      group: 'Do',
      words: ['share', 'print'],
      act: () => window.location.assign(hands.card.page),
    },
    {
      name: 'Card as PDF',
      group: 'Do',
      words: ['share', 'download'],
      act: () => window.location.assign(hands.card.pdf),
    },
    {
      name: 'Take the last change back',
      group: 'Do',
      keys: 'Ctrl Z',
      words: ['undo'],
      act: hands.undo,
    },
    { name: 'Do it again', group: 'Do', words: ['redo'], act: hands.redo },
    { name: 'Yards or metres', group: 'Do', words: ['units', 'feet'], act: hands.units },
    { name: 'Light or dusk', group: 'Do', words: ['theme', 'dark'], act: hands.theme },
    ...tokens.map(([token, name]): PaletteAction => ({
      name,
      group: 'Reading',
      keys: TOKEN_KEYS[token],
      act: () => hands.token(token),
    })),
    ...LIES.map((lie): PaletteAction => ({
      name: `Lie: ${LIE_WORDS[lie].name}`,
      group: 'Reading',
      words: [lie],
      act: () => hands.fields({ lie, burial_mm: undefined }),
    })),
    ...SAND_PRESETS.map((preset): PaletteAction => ({
      name: `Sand: ${SAND_WORDS[preset].short}`,
      group: 'Reading',
      act: () => hands.fields({ 'sand.preset': preset }),
    })),
    ...hands.players.map(({ id, name }): PaletteAction => ({
      name: `Player: ${name}`,
      group: 'Reading',
      act: () => hands.player(id),
    })),
    {
      name: 'Seen from the side',
      group: 'Drawing',
      keys: 'v',
      act: () => hands.look({ from: 'side' }),
    },
    {
      name: 'Seen from above',
      group: 'Drawing',
      keys: 'v',
      act: () => hands.look({ from: 'above' }),
    },
    ...MISSES.map((miss, i): PaletteAction => ({
      name: `A miss: ${MISS_WORDS[miss]}`,
      group: 'Drawing',
      keys: String(i + 1),
      act: () => hands.look({ miss }),
    })),
    { name: 'No miss', group: 'Drawing', act: () => hands.look({ miss: null }) },
  ];
}
