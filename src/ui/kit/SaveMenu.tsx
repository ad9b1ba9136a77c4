'use client';

import { Download } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';

/** Something that can be saved: fetched from an address, or made on the page. */
export type Saved = { name: string } & ({ href: string } | { act: () => void });

const ITEM =
  'flex min-h-11 cursor-pointer items-center px-4 outline-none data-highlighted:bg-flag-wash';

/** What a view can be saved as. */
export function SaveMenu({ items }: { items: readonly Saved[] }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="button no-print">
        <Download size={18} aria-hidden="true" className="mr-1.5" /> Save as
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="z-40 min-w-52 rounded border border-hairline bg-paper py-1 shadow-lg"
        >
          {items.map((item) =>
            'href' in item ? (
              <DropdownMenu.Item key={item.name} asChild>
                <a href={item.href} download className={ITEM}>
                  {item.name}
                </a>
              </DropdownMenu.Item>
            ) : (
              <DropdownMenu.Item key={item.name} className={ITEM} onSelect={item.act}>
                {item.name}
              </DropdownMenu.Item>
            ),
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
