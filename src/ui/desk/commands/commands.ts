import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { MISSES } from '@/core/model/shot/misses';
import { MISS_WORDS } from '@/core/tell/script/missWords';
import { LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import type { Look } from '../../drawing/section/DrawingBar';
import type { Command } from '../../kit/commands';
import { TOKEN_NAMES, TOKENS, type TokenName } from '../sentence/tokens';
import { OVERLAY_NAMES, OVERLAYS, type Overlay } from './overlays';

/** What the desk lets its commands do. */
export interface DeskHands {
  players: readonly RosterPlayer[];
  card: { page: string; pdf: string };
  open: (overlay: Overlay) => void;
  token: (token: TokenName) => void;
  player: (id: string) => void;
  fields: (changes: Readonly<Record<string, unknown>>) => void;
  look: (change: (now: Look) => Look) => void;
  units: () => void;
  theme: () => void;
  undo: () => void;
  redo: () => void;
  /** Leaves for another page. */
  goTo: (to: string) => void;
}

/** Everything that can be done at the desk. */
export function deskCommands(hands: DeskHands): Command[] {
  return [
    ...TOKEN_NAMES.map((token): Command => {
      const { key, name, does } = TOKENS[token];
      return { name, group: 'Reading', key, sheet: { does }, act: () => hands.token(token) };
    }),
    ...OVERLAY_NAMES.map((overlay): Command => {
      const words = OVERLAYS[overlay];
      const sheet = { does: words.name.toLowerCase() };
      return { ...words, group: 'Do', sheet, act: () => hands.open(overlay) };
    }),
    {
      name: 'Side view or view from above',
      group: 'Drawing',
      key: 'v',
      words: ['seen', 'view'],
      sheet: { does: 'side view or view from above' },
      hint: 'from above',
      act: () => hands.look((now) => ({ ...now, from: now.from === 'side' ? 'above' : 'side' })),
    },
    ...MISSES.map((miss, i): Command => ({
      name: `Show a miss: ${MISS_WORDS[miss]}`,
      group: 'Drawing',
      key: String(i + 1),
      ...(i === 0 && {
        sheet: { keys: '1 – 6', does: 'show a miss: heavy, thin, closed, open, slow, fast' },
        hint: 'show a miss',
      }),
      act: () => hands.look((now) => ({ ...now, miss: now.miss === miss ? null : miss })),
    })),
    {
      name: 'Hide the miss',
      group: 'Drawing',
      act: () => hands.look((now) => ({ ...now, miss: null })),
    },
    {
      name: 'How deep each sole goes here',
      group: 'Drawing',
      key: 'u',
      words: ['bounce', 'wedges', 'soles'],
      sheet: { does: 'how deep each wedge’s sole goes here' },
      act: () => hands.look((now) => ({ ...now, from: 'side', soles: !now.soles })),
    },
    {
      name: 'Undo',
      group: 'Do',
      key: 'mod+z',
      words: ['undo'],
      hint: 'undo',
      sheet: { does: 'undo; with Shift, redo' },
      act: hands.undo,
    },
    {
      name: 'Redo',
      group: 'Do',
      key: 'mod+shift+z',
      otherKey: 'mod+y',
      words: ['redo'],
      hint: 'redo',
      act: hands.redo,
    },
    {
      name: 'Card to print',
      group: 'Do',
      words: ['share', 'print'],
      act: () => hands.goTo(hands.card.page),
    },
    {
      name: 'Card as PDF',
      group: 'Do',
      words: ['share', 'download'],
      act: () => hands.goTo(hands.card.pdf),
    },
    { name: 'Yards or metres', group: 'Do', words: ['units', 'feet'], act: hands.units },
    { name: 'Light or dusk', group: 'Do', words: ['theme', 'dark'], act: hands.theme },
    ...LIES.map((lie): Command => ({
      name: `Lie: ${LIE_WORDS[lie].name}`,
      group: 'Reading',
      words: [lie],
      act: () => hands.fields({ lie, burial_mm: undefined }),
    })),
    ...SAND_PRESETS.map((preset): Command => ({
      name: `Sand: ${SAND_WORDS[preset].short}`,
      group: 'Reading',
      act: () => hands.fields({ 'sand.preset': preset }),
    })),
    ...hands.players.map(({ id, name }): Command => ({
      name: `Player: ${name}`,
      group: 'Reading',
      act: () => hands.player(id),
    })),
  ];
}
