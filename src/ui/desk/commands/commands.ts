import { t } from '@/core/tell/language/t';
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
      return { name, group: t('Reading'), key, sheet: { does }, act: () => hands.token(token) };
    }),
    ...OVERLAY_NAMES.map((overlay): Command => {
      const words = OVERLAYS[overlay];
      const sheet = { does: words.name.toLowerCase() };
      return { ...words, group: t('Do'), sheet, act: () => hands.open(overlay) };
    }),
    {
      name: t('Side view or view from above'),
      group: t('Drawing'),
      key: 'v',
      words: [t('seen'), t('view')],
      sheet: { does: t('side view or view from above') },
      hint: t('from above'),
      act: () => hands.look((now) => ({ ...now, from: now.from === 'side' ? 'above' : 'side' })),
    },
    ...MISSES.map((miss, i): Command => ({
      name: t('Show a miss: {miss}', { miss: MISS_WORDS[miss] }),
      group: t('Drawing'),
      key: String(i + 1),
      ...(i === 0 && {
        sheet: { keys: '1 – 6', does: t('show a miss: heavy, thin, closed, open, slow, fast') },
        hint: t('show a miss'),
      }),
      act: () => hands.look((now) => ({ ...now, miss: now.miss === miss ? null : miss })),
    })),
    {
      name: t('Hide the miss'),
      group: t('Drawing'),
      act: () => hands.look((now) => ({ ...now, miss: null })),
    },
    {
      name: t('How deep each sole goes here'),
      group: t('Drawing'),
      key: 'u',
      words: [t('bounce'), t('wedges'), t('soles')],
      sheet: { does: t('how deep each wedge’s sole goes here') },
      act: () => hands.look((now) => ({ ...now, from: 'side', soles: !now.soles })),
    },
    {
      name: t('Undo'),
      group: t('Do'),
      key: 'mod+z',
      words: [t('undo')],
      hint: t('undo'),
      sheet: { does: t('undo; with Shift, redo') },
      act: hands.undo,
    },
    {
      name: t('Redo'),
      group: t('Do'),
      key: 'mod+shift+z',
      otherKey: 'mod+y',
      words: [t('redo')],
      hint: t('redo'),
      act: hands.redo,
    },
    {
      name: t('Card to print'),
      group: t('Do'),
      words: [t('share'), t('print')],
      act: () => hands.goTo(hands.card.page),
    },
    {
      name: t('Card as PDF'),
      group: t('Do'),
      words: [t('share'), t('download')],
      act: () => hands.goTo(hands.card.pdf),
    },
    {
      name: t('Yards or metres'),
      group: t('Do'),
      words: [t('units'), t('feet')],
      act: hands.units,
    },
    { name: t('Light or dusk'), group: t('Do'), words: [t('theme'), t('dark')], act: hands.theme },
    ...LIES.map((lie): Command => ({
      name: t('Lie: {name}', { name: LIE_WORDS[lie].name }),
      group: t('Reading'),
      words: [lie],
      act: () => hands.fields({ lie, burial_mm: undefined }),
    })),
    ...SAND_PRESETS.map((preset): Command => ({
      name: t('Sand: {short}', { short: SAND_WORDS[preset].short }),
      group: t('Reading'),
      act: () => hands.fields({ 'sand.preset': preset }),
    })),
    ...hands.players.map(({ id, name }): Command => ({
      name: t('Player: {name}', { name }),
      group: t('Reading'),
      act: () => hands.player(id),
    })),
  ];
}
