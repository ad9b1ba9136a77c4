'use client';

import { t } from '@/core/tell/language/t';
import { useHotkeys } from 'react-hotkeys-hook';
import { KeyHint } from './KeyHint';

/** Something that can be done, wherever it is offered: by a key, in the palette, at the foot of the page, on the sheet of keys. */
export interface Command {
  /** As the palette says it. */
  name: string;
  /** Heading of the palette that it stands under. */
  group: string;
  act: () => void;
  /** The key that does it: `k`, `/`, `mod+z`. */
  key?: string;
  /** Another key that does the same. */
  otherKey?: string;
  /** Other words that the palette finds it by. */
  words?: readonly string[];
  /** What the key does, on the sheet of keys; several commands may share a line of it. */
  sheet?: { keys?: string; does: string };
  /** The same in a word or two, at the foot of the page. */
  hint?: string;
  /** It has a button of its own on the page: its hint says the key alone. */
  hasButton?: boolean;
  /** The key works while something is typed too. */
  whileTyping?: boolean;
}

/** How a key is written: `mod` is Ctrl. */
export const keyWords = (key: string): string =>
  key
    .split('+')
    .map((part) => (part === 'mod' ? t('Ctrl') : part === 'shift' ? t('Shift') : part))
    .join(' ');

/** Binds the keys of commands, in handles, pads and rows of choices too: their own keys are the arrows. */
export function useCommands(commands: readonly Command[], enabled = true): void {
  const bind = (some: readonly Command[]) => ({
    keys: some.flatMap(({ key, otherKey }) => [key!, ...(otherKey ? [otherKey] : [])]),
    act: (_: KeyboardEvent, { hotkey }: { hotkey: string }): void =>
      some.find(({ key, otherKey }) => key === hotkey || otherKey === hotkey)?.act(),
  });
  const keyed = commands.filter(({ key }) => key !== undefined);
  const always = bind(keyed.filter(({ whileTyping }) => whileTyping));
  const combined = bind(keyed.filter(({ key, whileTyping }) => key!.includes('+') && !whileTyping));
  const plain = bind(keyed.filter(({ key }) => !key!.includes('+')));
  const free = { enabled, preventDefault: true };
  const onSliders = { ...free, enableOnFormTags: ['slider', 'radio'] } as const;
  useHotkeys(always.keys, always.act, { ...free, enableOnFormTags: true });
  useHotkeys(combined.keys, combined.act, onSliders);
  useHotkeys(plain.keys, plain.act, { ...onSliders, useKey: true });
}

/** The commands that have a hint, with their keys. */
export function CommandHints({ commands }: { commands: readonly Command[] }) {
  return hinted(commands).map(({ keys, hint }) => (
    <KeyHint key={keys} keys={keys}>
      {hint}
    </KeyHint>
  ));
}

/** The same, each a button that does it; where the page has a button for it already, the key alone is said. */
export function CommandButtons({ commands }: { commands: readonly Command[] }) {
  return hinted(commands).map(({ keys, hint, hasButton, act }) => {
    const said = (
      <KeyHint key={keys} keys={keys}>
        {hint}
      </KeyHint>
    );
    if (hasButton) {
      return (
        <span key={keys} className="flex min-h-8 items-center px-1">
          {said}
        </span>
      );
    }
    return (
      <button
        key={keys}
        type="button"
        onClick={act}
        className="min-h-8 rounded px-1 hover:bg-flag-wash hover:text-on-flag"
      >
        {said}
      </button>
    );
  });
}

/** Commands with a key and a hint, and how the key is written. */
const hinted = (commands: readonly Command[]) =>
  commands.flatMap((command) => {
    const { key, hint, sheet } = command;
    return key && hint ? [{ ...command, hint, keys: sheet?.keys ?? keyWords(key) }] : [];
  });
