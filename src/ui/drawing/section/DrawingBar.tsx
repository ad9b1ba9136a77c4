'use client';

import { t } from '@/core/tell/language/t';
import { Download, Maximize2, Minus, MoveVertical, Plus } from 'lucide-react';
import type { RefObject } from 'react';
import { MISS_WORDS } from '@/core/tell/script/missWords';
import { MISSES, type MissName } from '@/core/model/shot/misses';
import { save, svgText } from '../../kit/files';
import type { SectionView } from './scale';
import type { SeenFrom } from './sectionText';

/** From where the shot is looked at, the miss that is drawn until another is chosen, and whether soles are compared. */
export interface Look {
  from: SeenFrom;
  miss: MissName | null;
  soles: boolean;
}

interface DrawingBarProps {
  look: Look;
  onLook: (look: Look) => void;
  view: SectionView;
  views: { zoom: (factor: number) => void; whole: () => void; stretch: () => void };
  said: string | null;
  /** A miss under the pointer or the focus, drawn while it is. */
  onTry: (miss: MissName | null) => void;
  svg: RefObject<SVGSVGElement | null>;
}

const ZOOM_STEP = 1.5;

const BUTTON =
  'grid h-11 min-w-11 shrink-0 place-items-center rounded px-2 hover:bg-paper disabled:opacity-45';

/** Under the drawing: side or above, the misses, what the one looked at does, zoom, stretch and saving. */
export function DrawingBar(props: DrawingBarProps) {
  const { look, onLook, view, views, said, onTry, svg } = props;
  return (
    <div
      role="toolbar"
      aria-label={t('Drawing')}
      className="flex items-center gap-x-1 max-lg:flex-wrap border-b border-hairline bg-paper-deep px-4 text-[0.95rem] max-sm:px-1"
    >
      {(['side', 'above'] as const).map((from) => (
        <button
          key={from}
          type="button"
          aria-pressed={look.from === from}
          onClick={() => onLook({ ...look, from })}
          className={`${BUTTON} lined-when-chosen`}
        >
          {from === 'side' ? t('Side') : t('Above')}
        </button>
      ))}
      <span className="ml-2 shrink-0 border-l border-hairline pl-3 text-ink-soft max-sm:sr-only">
        {t('Show a miss:')}
      </span>
      {MISSES.map((miss, i) => (
        <button
          key={miss}
          type="button"
          aria-pressed={look.miss === miss}
          aria-keyshortcuts={String(i + 1)}
          onClick={() => onLook({ ...look, miss: look.miss === miss ? null : miss })}
          onPointerEnter={(event) => event.pointerType === 'mouse' && onTry(miss)}
          onPointerLeave={() => onTry(null)}
          onFocus={(event) => event.target.matches(':focus-visible') && onTry(miss)}
          onBlur={() => onTry(null)}
          className={`${BUTTON} lit-when-chosen`}
        >
          {MISS_WORDS[miss]}
        </button>
      ))}
      {look.from === 'side' && (
        <button
          type="button"
          aria-pressed={look.soles}
          aria-keyshortcuts="u"
          onClick={() => onLook({ ...look, soles: !look.soles })}
          className={`${BUTTON} ml-2 lit-when-chosen`}
        >
          {t('Soles')}
        </button>
      )}
      <p role="status" className="min-w-0 grow px-2 max-lg:order-last max-lg:w-full lg:truncate">
        {said}
      </p>
      {look.from === 'side' && (
        <>
          <button
            type="button"
            aria-label={t('Smaller')}
            disabled={view.zoom <= 1}
            onClick={() => views.zoom(1 / ZOOM_STEP)}
            className={BUTTON}
          >
            <Minus size={17} aria-hidden="true" />
          </button>
          <button
            type="button"
            aria-label={t('Larger')}
            onClick={() => views.zoom(ZOOM_STEP)}
            className={BUTTON}
          >
            <Plus size={17} aria-hidden="true" />
          </button>
          <button
            type="button"
            aria-label={t('Show everything')}
            disabled={view.zoom === 1 && view.stretch === 1}
            onClick={views.whole}
            className={BUTTON}
          >
            <Maximize2 size={16} aria-hidden="true" />
          </button>
          <button
            type="button"
            aria-label={
              view.stretch === 1
                ? t('True to scale. Stretch heights')
                : t('Heights stretched {stretch} times. Change', { stretch: view.stretch })
            }
            onClick={views.stretch}
            className={`${BUTTON} grid-flow-col gap-1`}
          >
            <MoveVertical size={16} aria-hidden="true" />
            {view.stretch === 1 ? '1:1' : `${view.stretch}:1`}
          </button>
        </>
      )}
      <button
        type="button"
        aria-label={t('Save the drawing as SVG')}
        onClick={() =>
          svg.current &&
          save(
            `shot-from-${look.from === 'side' ? 'the-side' : 'above'}.svg`,
            svgText(svg.current),
            'image/svg+xml',
          )
        }
        className={BUTTON}
      >
        <Download size={17} aria-hidden="true" />
      </button>
    </div>
  );
}
