'use client';

import { t } from '@/core/tell/language/t';
import { Popover } from 'radix-ui';
import { FromGround } from './FromGround';
import { isFocusTaken, showFocused } from '../kit/focus';
import { useLayoutEffect, useRef, type ReactNode } from 'react';

interface TokenProps {
  /** What the token says in the sentence. */
  children: ReactNode;
  /** Name for a screen reader and for the panel's heading: "Lip". */
  label: string;
  /** Key that opens it from anywhere at the desk. */
  hotkey?: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** True when its value is not usable. */
  faulty?: boolean;
  /** True when it stands as drawn ground says it. */
  grounded?: boolean;
  panel: ReactNode;
  /** Punctuation that must not part from the token. */
  after?: string;
}

/** An underlined word of the sentence that opens a small panel. */
export function Token(props: TokenProps) {
  const { children, label, hotkey, open, onOpenChange, faulty, grounded, panel, after } = props;
  const word = useRef<HTMLButtonElement>(null);
  // A key opens it from anywhere: where the page was scrolled away from the sentence it comes back.
  useLayoutEffect(() => {
    if (open) word.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <span className="whitespace-nowrap">
      <Popover.Root open={open} onOpenChange={onOpenChange}>
        <Popover.Trigger
          ref={word}
          aria-keyshortcuts={hotkey}
          className={`inline scroll-mt-6 scroll-mb-[45vh] rounded-sm border-b-2 px-0.5 font-semibold whitespace-nowrap transition-colors ${
            open
              ? 'border-flag bg-flag-wash text-on-flag'
              : faulty
                ? 'border-harm bg-harm-wash'
                : 'border-underline hover:border-flag hover:bg-flag-wash hover:text-on-flag'
          }`}
        >
          {children}
          {grounded && (
            <>
              <FromGround />
              <span className="sr-only">{t(', from the ground')}</span>
            </>
          )}
          <span className="sr-only">{t(', {label}, change', { label })}</span>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={8}
            collisionPadding={12}
            aria-label={label}
            onFocus={showFocused}
            onFocusOutside={(event) => event.preventDefault()}
            onCloseAutoFocus={(event) => {
              if (isFocusTaken()) event.preventDefault();
            }}
            className="z-40 max-h-[var(--radix-popover-content-available-height)] w-[min(24rem,calc(100vw-1.5rem))] overflow-auto rounded-md border-2 border-flag bg-paper p-4 shadow-[0_8px_30px_rgb(0_0_0/0.18)]"
          >
            {panel}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      {after}
    </span>
  );
}
