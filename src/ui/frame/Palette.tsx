'use client';

import { t } from '@/core/tell/language/t';
import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { keyWords, type Command as Doable } from '../kit/commands';
import { useDialogFocus } from '../kit/focus';
import type { Closable } from '../kit/Overlay';

/** The words of a text, in lower case. */
const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');

/** How well words say what was typed: every typed word must begin one of them; the first word of the name counts most. */
export function fits(value: string, typed: string, words: readonly string[] = []): number {
  const said = wordsOf([value, ...words].join(' '));
  const parts = wordsOf(typed);
  if (!parts.every((part) => said.some((word) => word.startsWith(part)))) return 0;
  const [first] = parts;
  return first === undefined ? 1 : 1 / (1 + said.findIndex((word) => word.startsWith(first)));
}

interface PaletteProps extends Closable {
  commands: readonly Doable[];
}

/** Everything that can be done, found by typing a few letters of it. */
export function Palette({ commands, onClose }: PaletteProps) {
  const focus = useDialogFocus();
  const groups = [...new Set(commands.map(({ group }) => group))];
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <Dialog.Content
          {...focus}
          aria-describedby={undefined}
          className="fixed inset-x-0 top-[10vh] z-50 mx-auto w-[min(36rem,calc(100vw-1rem))] rounded-md border-2 border-flag bg-paper"
        >
          <Dialog.Title className="sr-only">{t('Everything')}</Dialog.Title>
          <Command label={t('Everything')} loop filter={fits}>
            <Command.Input
              placeholder={t('What do you want to do?')}
              className="h-14 w-full border-b border-hairline bg-transparent px-4 text-lg outline-none"
            />
            <Command.List className="max-h-[60vh] overflow-auto p-2">
              <Command.Empty className="p-3">{t('No match.')}</Command.Empty>
              {groups.map((group) => (
                <Command.Group
                  key={group}
                  heading={group}
                  className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-ink-soft"
                >
                  {commands
                    .filter((command) => command.group === group)
                    .map(({ name, key, words, act }) => (
                      <Command.Item
                        key={name}
                        value={name}
                        {...(words ? { keywords: [...words] } : {})}
                        onSelect={() => {
                          onClose();
                          act();
                        }}
                        className="flex min-h-11 cursor-pointer items-center justify-between rounded px-2 lit-when-chosen"
                      >
                        {name}
                        {key && (
                          <kbd className="rounded border border-underline px-1.5 text-sm uppercase">
                            {keyWords(key)}
                          </kbd>
                        )}
                      </Command.Item>
                    ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
