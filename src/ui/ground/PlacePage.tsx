'use client';

import { sayFact } from '@/core/tell/facts/sayFact';
import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { Redo2, Undo2 } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { Point } from '@/core/place/outline/ring';
import { shapeById, withShape, type Shape } from '@/core/place/record/edit';
import {
  isOnGreen,
  outlineFault,
  pointOf,
  ringOf,
  type Bunker,
  type GreenOn,
} from '@/core/place/record/place';
import type { StoredPlace } from '@/core/place/record/stored';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { StillSection } from '../drawing/section/StillSection';
import { useSize } from '../drawing/useSize';
import { TopBar } from '../frame/TopBar';
import { Choices } from '../kit/Choices';
import { useCommands, type Command } from '../kit/commands';
import { IconButton } from '../kit/IconButton';
import { useUnits } from '../kit/units';
import { DrawPanel } from './DrawPanel';
import { PlaceHead } from './PlaceHead';
import { PlanFlags } from './plan/PlanFlags';
import { PlanFrame } from './plan/PlanFrame';
import { PlanHandles } from './plan/PlanHandles';
import { PlanPicture } from './plan/PlanPicture';
import { PlanShapes } from './plan/PlanShapes';
import { PlayedPlan } from './plan/PlayedPlan';
import { fitting, type PlanView } from './plan/view';
import { PlayPanel } from './PlayPanel';
import { usePlace } from './usePlace';
import { usePlaying, type PlayingBegins } from './usePlaying';

export interface PlacePageProps extends PlayingBegins {
  stored: StoredPlace;
}

const MODES = told(['Play', 'Draw'] as const);

const FIRST_SIZE = { width: 820, height: 460 };
const SECTION_HEIGHT = 170;

/** A place of the coach's own: drawn, measured and played from. */
export function PlacePage({ stored, ...begins }: PlacePageProps) {
  const units = useUnits();
  const ground = usePlace(stored);
  const { place, change, undo, redo } = ground;
  const drawn = useMemo(() => drawnPlace(place), [place]);
  const [mode, setMode] = useState(place.bunkers.length > 0 && place.greens.length > 0 ? 0 : 1);
  const on = mode === 0;
  const [chosen, setChosen] = useState<string | null>(null);
  const [corner, setCorner] = useState<number | null>(null);
  const [held, setHeld] = useState(false);
  const [direction, setDirection] = useState<number | null>(null);
  const drawing = useRef<SVGSVGElement>(null);
  const section = useRef<SVGSVGElement>(null);
  const [box, size] = useSize<HTMLDivElement>(FIRST_SIZE);
  const playing = usePlaying(place, drawn, begins, on, held);
  const { spot, followed, answer, situated } = playing;

  const [moved, setView] = useState<PlanView | null>(null);
  const all = useMemo(() => drawn.shapes.flatMap(({ ring }) => ring), [drawn]);
  const bunker = on ? spot?.bunker : undefined;
  const green = on ? spot?.green : undefined;
  // Not by the ball: the plan stands still while it is dragged.
  const usual = useMemo(
    () => fitting(bunker && green ? [...about(bunker.box), ...green.ring] : all, size),
    [bunker, green, all, size],
  );
  const view = moved ?? usual;
  const choose = (id: string | null): void => {
    setChosen(id);
    setCorner(null);
  };

  const shape = shapeById(place, chosen)?.shape ?? null;
  const picture = stored.picture && {
    width: stored.picture.width,
    height: stored.picture.height,
    url: `/api/places/${stored.id}/picture`,
  };
  const before = useRef(place);
  /** Lets go of a handle: what cannot be is put back, and said. */
  const letGo = (): void => {
    setHeld(false);
    const fault = shape && faultOf(shape);
    if (!fault) return;
    change(before.current);
    toast.error(fault);
  };

  const commands: Command[] = [
    { name: t('Undo'), group: t('Do'), key: 'mod+z', act: undo },
    { name: t('Redo'), group: t('Do'), key: 'mod+shift+z', otherKey: 'mod+y', act: redo },
  ];
  useCommands(commands);

  return (
    <>
      <TopBar room="Ground" />
      <main className="mx-auto flex w-full max-w-[100rem] grow flex-col px-6 py-3 max-sm:px-3">
        <PlaceHead ground={ground} id={stored.id} drawing={drawing} section={section} />
        <div className="flex grow gap-5 max-lg:flex-col">
          <div className="flex min-w-0 grow flex-col gap-2 max-lg:h-[70dvh] max-lg:min-h-96 lg:sticky lg:top-3 lg:h-[calc(100dvh-8.5rem)]">
            <PlanFrame
              label={t('Plan of {place}', { place: place.name })}
              box={box}
              drawing={drawing}
              size={size}
              view={view}
              onView={setView}
              onFit={() => setView(moved ? null : fitting(all, size))}
              onPress={on ? playing.putBall : () => choose(null)}
            >
              {(scale) => (
                <>
                  {!on && picture && stored.picture?.scale && (
                    <PlanPicture
                      url={picture.url}
                      size={stored.picture}
                      lies={stored.picture.scale}
                      scale={scale}
                    />
                  )}
                  <PlanShapes
                    outlined={!on && Boolean(stored.picture?.scale)}
                    place={drawn}
                    scale={scale}
                    chosen={on ? null : chosen}
                    onChoose={on ? undefined : choose}
                  />
                  <PlanFlags
                    place={drawn}
                    day={begins.today}
                    scale={scale}
                    played={on && spot ? spot.flag.id : null}
                  />
                  {on && spot && (
                    <PlayedPlan
                      spot={spot}
                      scale={scale}
                      field={playing.fieldAsked ? playing.field.value : null}
                      petals={playing.rose.value?.petals ?? []}
                      named={playing.named}
                      flag={playing.flagStrokes}
                      chosen={direction}
                      held={held}
                      onHeld={setHeld}
                      onBall={playing.putBall}
                    />
                  )}
                  {!on && shape && (
                    <PlanHandles
                      shape={shape}
                      scale={scale}
                      corner={corner}
                      day={begins.today}
                      onCorner={setCorner}
                      onChange={(changed) => change(withShape(place, shape.id, changed))}
                      onStart={() => {
                        before.current = place;
                        setHeld(true);
                      }}
                      onEnd={letGo}
                    />
                  )}
                </>
              )}
            </PlanFrame>
            {on && situated && (
              <StillSection
                drawing={section}
                shot={situated}
                pictures={held || playing.busy ? [] : (answer?.pictures ?? [])}
                clubs={(answer?.sheet.calls ?? []).map(({ club }) => club)}
                handed={playing.player.handed}
                units={units}
                size={{ width: size.width, height: SECTION_HEIGHT }}
              />
            )}
          </div>
          <aside className="w-[26rem] shrink-0 max-lg:w-full" aria-label={MODES[mode]}>
            <div className="mb-2 flex items-center">
              <div className="grow">
                <Choices
                  label={t('What to do here')}
                  items={MODES}
                  value={mode}
                  onValue={(next) => {
                    setMode(next);
                    setView(null);
                  }}
                />
              </div>
              <IconButton label={t('Undo')} onClick={undo} disabled={!ground.canUndo}>
                <Undo2 size={18} aria-hidden="true" />
              </IconButton>
              <IconButton label={t('Redo')} onClick={redo} disabled={!ground.canRedo}>
                <Redo2 size={18} aria-hidden="true" />
              </IconButton>
            </div>
            {!on && (
              <DrawPanel
                place={place}
                onPlace={change}
                chosen={chosen}
                onChosen={(id) => {
                  choose(id);
                  const ring = drawn.shapes.find((each) => each.id === id)?.ring;
                  if (ring) setView(fitting(ring, size));
                }}
                corner={corner}
                onCorner={setCorner}
                middle={view.middle}
                today={begins.today}
                id={stored.id}
                picture={picture}
              />
            )}
            {on && followed && (
              <PlayPanel
                {...playing}
                onRests={(rests) =>
                  change(withShape<Bunker>(place, followed.bunker.id, (now) => ({ ...now, rests })))
                }
                id={stored.id}
                place={drawn}
                today={begins.today}
                spot={followed}
                chosen={direction}
                onDirection={setDirection}
              />
            )}
            {on && !spot && (
              <p className="text-lg">
                {t('Draw a bunker and a green with a flag first: choose Draw above.')}
              </p>
            )}
          </aside>
        </div>
      </main>
    </>
  );
}

/** Ground that is seen about a bunker, m: the rose needs room. */
const ROOM = 5;

const about = ({ low, high }: { low: Point; high: Point }): Point[] => [
  [low[0] - ROOM, low[1] - ROOM],
  [high[0] + ROOM, high[1] + ROOM],
];

/** What is wrong with a shape as it stands; null when nothing is. */
function faultOf(shape: Shape): string | null {
  const fault = outlineFault(ringOf(shape.outline), shape.curved);
  if (fault)
    return t('The outline of {shape} {fault}. It was put back.', {
      shape: shape.name,
      fault: sayFact(fault),
    });
  if (!('flags' in shape)) return null;
  const off = shape.flags.find((flag) => !isOnGreen(shape as GreenOn, pointOf(flag)));
  return off
    ? t('The flag {off} must stand on the green. It was put back.', { off: off.name })
    : null;
}
