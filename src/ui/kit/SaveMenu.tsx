'use client';

import { t } from '@/core/tell/language/t';
import { Download } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { MENU, MENU_ITEM } from './menu';

/** Something that can be saved: fetched from an address, or made on the page. */
export type Saved = { name: string } & ({ href: string } | { act: () => void });

/** What a view can be saved as. */
export function SaveMenu({ items }: { items: readonly Saved[] }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="button no-print">
        <Download size={18} aria-hidden="true" className="mr-1.5" /> {t('Save as')}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={4} collisionPadding={8} className={MENU}>
          {items.map((item) =>
            'href' in item ? (
              <DropdownMenu.Item key={item.name} asChild>
                <a href={item.href} download className={MENU_ITEM}>
                  {item.name}
                </a>
              </DropdownMenu.Item>
            ) : (
              <DropdownMenu.Item key={item.name} className={MENU_ITEM} onSelect={item.act}>
                {item.name}
              </DropdownMenu.Item>
            ),
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
