'use client';

import { formatDistanceToNow } from 'date-fns';
import { Trash2 } from 'lucide-react';
import type { KeptReading } from './types';
import { Overlay, type OverlayState } from '../frame/Overlay';

interface ReadingsDrawerProps extends OverlayState {
  readings: readonly KeptReading[];
  onReopen: (reading: KeptReading) => void;
  onRemove: (reading: KeptReading) => void;
}

/** The kept readings, newest first. */
export function ReadingsDrawer(props: ReadingsDrawerProps) {
  const { readings, open, onOpenChange, onReopen, onRemove } = props;
  return (
    <Overlay title="Readings" shape="drawer" open={open} onOpenChange={onOpenChange}>
      {readings.length === 0 ? (
        <p className="leading-relaxed">
          No readings are kept yet. Set the sentence at the desk to the ball in front of you and
          press <kbd className="rounded border border-hairline px-1.5">K</kbd> to keep it.
        </p>
      ) : (
        <ul className="-mx-2 overflow-auto">
          {readings.map((reading) => (
            <li
              key={reading.id}
              className="flex items-center border-b border-hairline last:border-0"
            >
              <button
                type="button"
                onClick={() => onReopen(reading)}
                className="grow rounded px-2 py-2.5 text-left hover:bg-flag-wash hover:text-on-flag"
              >
                <span className="block font-semibold">{reading.name}</span>
                <span className="block text-sm">
                  {reading.playerName} · {reading.called}
                </span>
                <time
                  dateTime={reading.savedAt}
                  suppressHydrationWarning
                  className="block text-sm text-ink-soft"
                >
                  {formatDistanceToNow(new Date(reading.savedAt), { addSuffix: true })}
                </time>
              </button>
              <button
                type="button"
                aria-label={`Delete ${reading.name}`}
                onClick={() => onRemove(reading)}
                className="grid size-11 shrink-0 place-items-center rounded hover:text-harm"
              >
                <Trash2 size={18} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
      )}
    </Overlay>
  );
}
