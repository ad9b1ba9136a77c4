'use client';

import { t } from '@/core/tell/language/t';
import { useEffect, useRef, useState } from 'react';
import type { Club } from '@/core/ground/club/club';
import { missPicture } from '@/core/tell/picture/missPicture';
import type { CallPicture } from '@/core/tell/picture/picture';
import { soleRides } from '@/core/tell/picture/soleRides';
import { densityQuantile } from '@/core/ground/numeric/density';
import type { Hand } from '@/core/ground/player/player';
import type { Band } from '@/core/search/changes/bands';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { MissName } from '@/core/model/shot/misses';
import type { Shot } from '@/core/ground/situation/shot';
import { sayLength } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { AboveDrawing } from '../above/AboveDrawing';
import { aboveScale } from '../above/scale';
import { useSize } from '../useSize';
import { DrawingBar, type Look } from './DrawingBar';
import { Handles } from './Handles';
import { atTheFlag } from '../ranked';
import { extentOf, SectionDrawing } from './SectionDrawing';
import { sectionScale, type SectionExtent } from './scale';
import { sectionText } from './sectionText';
import { soleLegend, soleText } from './SoleInset';
import { useSectionView } from './useSectionView';

interface SectionProps {
  shot: Shot;
  pictures: readonly (CallPicture | null)[];
  golfer: Golfer | null;
  handed: Hand;
  /** The player's clubs, for comparing their soles. */
  bag: readonly Club[];
  /** Names of the clubs drawn, for the text that stands in for the drawing. */
  clubs: readonly string[];
  bands: readonly Band[];
  units: UnitSystem;
  busy: boolean;
  /** What is looked at, kept by the desk so that its keys can change it. */
  look: Look;
  onLook: (look: Look) => void;
  /** Told when a handle is taken and when it is let go. */
  onHeld: (held: boolean) => void;
  /** Sets fields of the reading as its handles are moved. */
  onFields: (changes: Readonly<Record<string, unknown>>) => void;
}

/** The shot drawn, from the side with handles or from above, with its misses, and the bar that changes the view. */
export function Section(props: SectionProps) {
  const { shot, pictures: drawn, golfer, handed, bag, clubs, bands, units, busy, onFields } = props;
  const { look, onLook, onHeld } = props;
  const mirrored = handed === 'left';
  const ranked = atTheFlag(drawn);
  const pictures = ranked.map(({ picture }) => picture);
  const [ref, size] = useSize<HTMLDivElement>({ width: 1280, height: 244 });
  const svg = useRef<SVGSVGElement>(null);
  // While a handle is held the scale stays as it was, or the ground would run away from the hand.
  const [held, setHeld] = useState<SectionExtent | null>(null);
  const [ball, setBall] = useState(0);
  const [shown, setShown] = useState<number | null>(null);
  const [tried, setTried] = useState<MissName | null>(null);
  const extent = held ?? extentOf(shot, pictures);
  const whole = sectionScale(size, extent);
  const { view, hand, ...views } = useSectionView(size.width, whole.z(0));
  const forward = mirrored ? -1 : 1;
  const moved = { ...view, along: view.along + ball * forward * whole.perMetre * view.zoom };
  const scale = sectionScale(size, extent, moved, mirrored);
  const plain = mirrored ? sectionScale(size, extent, { ...moved, along: -moved.along }) : scale;

  const told = ranked.find(({ rank }) => rank === (shown ?? 0)) ?? ranked[0];
  const wanted = tried ?? look.miss;
  const miss =
    wanted && golfer && told
      ? missPicture(wanted, told.picture.plan, golfer, shot, { units, handed })
      : null;
  const rides =
    look.soles && golfer && told ? soleRides(told.picture.plan.setup, golfer, shot, bag) : null;
  const ridgeSaid =
    shown !== null && told
      ? t('{clubs}: eight in ten stop between {low} and {high}.', {
          clubs: String(clubs[told.rank]),
          low: sayLength(densityQuantile(told.picture.ridge, 0.1), 'ground', units),
          high: sayLength(densityQuantile(told.picture.ridge, 0.9), 'ground', units),
        })
      : null;

  // React listens to wheels passively, and then the page would scroll under a zoom.
  const zoomAt = useRef(views.zoom);
  useEffect(() => {
    zoomAt.current = views.zoom;
  });
  useEffect(() => {
    const element = svg.current;
    const onWheel = (event: WheelEvent): void => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      const box = element!.getBoundingClientRect();
      const at = { x: event.clientX - box.left, y: event.clientY - box.top };
      zoomAt.current(Math.exp(-event.deltaY / 200), at);
    };
    element?.addEventListener('wheel', onWheel, { passive: false });
    return () => element?.removeEventListener('wheel', onWheel);
  }, [look.from]);

  const longest = Math.max(
    extent.farthest,
    ...pictures.map(({ spread: { ellipse } }) => (ellipse ? ellipse.x + ellipse.long : 0)),
  );
  const widest = Math.max(
    0,
    ...pictures.flatMap(({ track }) => track.map(([, y]) => Math.abs(y) * 1.25)),
    ...pictures.flatMap(({ spread: { ellipse } }) =>
      ellipse ? [Math.abs(ellipse.y) + ellipse.short + 1] : [],
    ),
  );

  return (
    <>
      <div
        ref={ref}
        className={`relative w-full overflow-hidden bg-sky ${look.from === 'side' ? 'h-[244px] max-sm:h-[220px] sm:[@media(max-height:820px)]:h-[196px]' : 'h-[360px] max-sm:h-[260px]'}`}
      >
        <svg
          ref={svg}
          width={size.width}
          height={size.height}
          role="group"
          aria-label={`${sectionText(shot, ranked, clubs, units, look.from)}${rides ? ` ${soleText(rides, units)}` : ''}`}
          className={`absolute inset-0 transition-opacity ${busy ? 'opacity-80' : ''} ${view.zoom > 1 ? 'touch-none' : ''}`}
        >
          {look.from === 'side' ? (
            <>
              <rect
                {...hand}
                width={size.width}
                height={size.height}
                fill="var(--sky)"
                className={view.zoom > 1 ? 'cursor-grab' : ''}
              />
              <SectionDrawing
                shot={shot}
                ranked={ranked}
                units={units}
                size={size}
                scale={scale}
                plain={plain}
                bands={busy ? [] : bands}
                shown={shown}
                onShown={setShown}
                miss={miss}
                inset={size.width >= 900}
                rides={rides}
              />
              <Handles
                shot={shot}
                landing={drawn[0]?.toward === 0 && drawn[0].landing > 0 ? drawn[0].landing : null}
                scale={scale}
                units={units}
                onFields={onFields}
                onStart={() => {
                  setHeld(extent);
                  onHeld(true);
                }}
                onEnd={() => {
                  setHeld(null);
                  onHeld(false);
                }}
                onBall={setBall}
              />
            </>
          ) : (
            <AboveDrawing
              shot={shot}
              ranked={ranked}
              units={units}
              size={size}
              scale={aboveScale(size, longest, widest, mirrored)}
              clubs={clubs}
              shown={shown}
              miss={miss}
            />
          )}
        </svg>
      </div>
      <DrawingBar
        look={look}
        onLook={onLook}
        view={view}
        views={{
          ...views,
          zoom: (factor) =>
            views.zoom(factor, {
              x: scale.x(shot.lip.distance / 2),
              y: scale.z(shot.lip.height / 2),
            }),
        }}
        said={
          miss?.text ??
          (wanted && told
            ? t('That miss cannot happen here.')
            : (ridgeSaid ??
              (rides && (rides.length > 0 ? soleLegend(units) : soleText(rides, units)))))
        }
        onTry={setTried}
        svg={svg}
      />
    </>
  );
}
