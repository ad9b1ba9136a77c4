'use client';

import { t } from '@/core/tell/language/t';
import { Slider } from 'radix-ui';
import { useId, useRef, useState } from 'react';
import { plainNumber } from '@/core/tell/language/say';

interface NumberPanelProps {
  label: string;
  unit: string;
  /** The value that stands, in `unit`; undefined when none does. */
  value: number | undefined;
  /** Range of the slider; typing may go further, as far as the reading allows. */
  from: number;
  to: number;
  step: number;
  /** Takes a value up; gives back what is wrong with it, or null. */
  onValue: (value: number) => string | null;
  help?: string;
  autoFocus?: boolean;
}

/**
 * A number that is typed, stepped with the arrows or scrubbed. What was typed stays, with what is wrong beside
 * it, until it can be used; meanwhile the reading stays at the value that stood before the typing.
 */
export function NumberPanel(props: NumberPanelProps) {
  const { label, unit, value, from, to, step, onValue, help, autoFocus } = props;
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const stood = useRef(value);
  const shown = typed ?? (value === undefined ? '' : plainNumber(value, 2));

  const take = (text: string): void => {
    const number = Number(text.trim().replace(',', '.'));
    const problem =
      text.trim() === '' || Number.isNaN(number)
        ? t('{label} must be a number in {unit}, not "{text}".', { label, unit, text })
        : onValue(number);
    setFault(problem);
    if (problem !== null && stood.current !== undefined) onValue(stood.current);
    setTyped(problem === null && text === plainNumber(number, 2) ? null : text);
  };
  const nudge = (by: number): void => {
    const base = value ?? from;
    take(plainNumber(Math.round((base + by) / step) * step, 2));
  };

  return (
    <div className="mb-3 last:mb-0">
      <label htmlFor={id} className="mb-1 block text-base font-semibold">
        {label}
      </label>
      <div className="flex items-center gap-3">
        <div
          className={`flex items-baseline gap-1 rounded border-2 bg-paper px-2 ${fault ? 'border-harm' : 'border-hairline'}`}
        >
          <input
            id={id}
            inputMode="decimal"
            autoComplete="off"
            autoFocus={autoFocus}
            className="h-11 w-16 bg-transparent text-xl font-semibold outline-none"
            value={shown}
            aria-invalid={fault !== null}
            aria-describedby={`${id}-note`}
            onChange={(event) => take(event.target.value)}
            onFocus={(event) => {
              if (fault === null) stood.current = value;
              event.target.select();
            }}
            onKeyDown={(event) => {
              if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
              event.preventDefault();
              nudge((event.key === 'ArrowUp' ? 1 : -1) * step * (event.shiftKey ? 10 : 1));
            }}
            onWheel={(event) => {
              if (document.activeElement === event.currentTarget)
                nudge(-Math.sign(event.deltaY) * step);
            }}
          />
          <span className="text-ink-soft">{unit}</span>
        </div>
        <Slider.Root
          className="relative flex h-11 grow touch-none items-center"
          min={from}
          max={to}
          step={step}
          value={[Math.min(to, Math.max(from, value ?? from))]}
          onValueChange={([next]) => take(plainNumber(next!, 2))}
        >
          <Slider.Track className="relative h-1 grow rounded bg-hairline">
            <Slider.Range className="absolute h-full rounded bg-ink" />
          </Slider.Track>
          <Slider.Thumb
            aria-label={`${label}, ${unit}`}
            className="block size-6 rounded-full border-2 border-ink bg-flag"
          />
        </Slider.Root>
      </div>
      <p
        id={`${id}-note`}
        role={fault ? 'alert' : undefined}
        className={`mt-1 text-sm ${fault ? 'font-semibold text-harm' : 'text-ink-soft'}`}
      >
        {fault ?? help ?? ''}
      </p>
    </div>
  );
}
