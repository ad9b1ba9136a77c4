'use client';

import { newNames } from '@/core/tell/place/newNames';
import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { apart, type Point, type Ring } from '@/core/place/outline/ring';
import {
  shapeById,
  withArea,
  withBunker,
  withGreen,
  withoutShape,
  withSand,
  withShape,
  type NewBunker,
  type Shape,
} from '@/core/place/record/edit';
import {
  AREA_KINDS,
  MOST_AREAS,
  MOST_BUNKERS,
  MOST_GREENS,
  ringOf,
  type Area,
  type Bunker,
  type GreenOn,
  type Place,
} from '@/core/place/record/place';
import { SHAPE_NAMES, shapeAbout, type ShapeName } from '@/core/place/survey/shapes';
import { Pick as PickOne, TextInput } from '../kit/fields';
import { IconButton } from '../kit/IconButton';
import { TickBox } from '../kit/TickBox';
import { BunkerForm } from './forms/BunkerForm';
import { CornerBar } from './forms/CornerBar';
import { DevicesForm } from './forms/DevicesForm';
import { PictureForm, type PictureOfGround } from './forms/PictureForm';
import { GreenForm } from './forms/GreenForm';
import { PacedForm } from './forms/PacedForm';

interface DrawPanelProps {
  place: Place;
  onPlace: (place: Place) => void;
  chosen: string | null;
  onChosen: (id: string | null) => void;
  corner: number | null;
  onCorner: (corner: number | null) => void;
  /** Where something new is put: the middle of what is seen. */
  middle: Point;
  today: string;
  /** Of the place, and the picture that it is traced from. */
  id: string;
  picture: PictureOfGround | null;
}

const SHAPES: Record<ShapeName, string> = told({
  round: 'round',
  long: 'long',
  kidney: 'kidney',
  cloverleaf: 'cloverleaf',
  pot: 'pot',
});

const KIND_NAMES: Record<Area['kind'], string> = told({
  fringe: 'fringe',
  fairway: 'fairway',
  rough: 'rough',
  water: 'water',
  'out-of-bounds': 'out of bounds',
});

/** Adds bunkers, greens and areas, and says what each is like. */
export function DrawPanel(props: DrawPanelProps) {
  const { place, onPlace, chosen, onChosen, corner, middle, today, id, picture } = props;
  const [shape, setShape] = useState<ShapeName>('kidney');
  const [kind, setKind] = useState<Area['kind']>('fringe');
  const [walking, setWalking] = useState(false);
  const found = shapeById(place, chosen);
  const add = (made: { place: Place; id: string }): void => {
    onPlace(made.place);
    onChosen(made.id);
  };
  const bunker = found?.list === 'bunkers' ? (found.shape as Bunker) : null;
  const changeBunker = (change: (now: Bunker) => Bunker): void => {
    if (bunker) onPlace(withShape(place, bunker.id, change));
  };
  const walked = (ring: Ring, also: NewBunker): void => {
    setWalking(false);
    const [east, north] = middle;
    const there = ring.map(([x, y]): Point => [x + east, y + north]);
    add(withBunker(place, place.bunkers.length > 0 ? there : ring, newNames(), also));
  };
  return (
    <>
      <section aria-labelledby="add">
        <h2 id="add" className="text-lg">
          {t('Add')}
        </h2>
        <div className="mt-1 grid grid-cols-[1fr_auto] items-end gap-2">
          <PickOne
            label={t('Shape to begin with')}
            value={shape}
            onValue={setShape}
            options={SHAPE_NAMES.map((name) => [name, SHAPES[name]] as const)}
          />
          <button
            type="button"
            disabled={place.bunkers.length >= MOST_BUNKERS}
            onClick={() => add(withBunker(place, shapeAbout(shape, middle), newNames()))}
            className="button"
          >
            {t('Add a bunker')}
          </button>
          <button
            type="button"
            disabled={place.bunkers.length >= MOST_BUNKERS}
            onClick={() => setWalking(true)}
            className="button col-span-2"
          >
            {t('Walk round a bunker')}
          </button>
          <button
            type="button"
            disabled={place.greens.length >= MOST_GREENS}
            onClick={() => {
              const at = clearOf(place, middle);
              add(withGreen(place, bigger(shapeAbout('round', at), at, 2), newNames()));
            }}
            className="button col-span-2"
          >
            {t('Add a green')}
          </button>
          <PickOne
            label={t('Other ground')}
            value={kind}
            onValue={setKind}
            options={AREA_KINDS.map((each) => [each, KIND_NAMES[each]] as const)}
          />
          <button
            type="button"
            disabled={place.areas.length >= MOST_AREAS}
            onClick={() => add(withArea(place, kind, shapeAbout('long', middle)))}
            className="button"
          >
            {t('Add it')}
          </button>
        </div>
      </section>
      <section aria-label={t('Measure')} className="mt-2">
        <DevicesForm
          bunker={bunker}
          onBunker={(ring, also) => add(withBunker(place, ring, newNames(), also))}
          onBunkerChange={changeBunker}
          onFirmness={(firmness, note) =>
            changeBunker((now) => withSand(now, today, { firmness, ...(note && { note }) }))
          }
        />
        <PictureForm id={id} picture={picture} middle={middle} />
      </section>
      <ShapeChoice place={place} chosen={chosen} onChosen={onChosen} />
      {found && (
        <section aria-labelledby="chosen" className="mt-4 border-t border-hairline pt-3">
          <header className="flex items-center">
            <h2 id="chosen" className="grow text-lg">
              {found.shape.name}
            </h2>
            <IconButton
              harm
              label={t('Delete {shape}', { shape: found.shape.name })}
              onClick={() => {
                onPlace(withoutShape(place, found.shape.id));
                onChosen(null);
              }}
            >
              <Trash2 size={18} aria-hidden="true" />
            </IconButton>
          </header>
          <ShapeFields
            key={found.shape.id}
            shape={found.shape}
            onChange={(change) => onPlace(withShape(place, found.shape.id, change))}
          />
          <CornerBar
            shape={found.shape}
            corner={corner}
            onCorner={props.onCorner}
            onChange={(change) => onPlace(withShape(place, found.shape.id, change))}
          />
          <div className="mt-3">
            {bunker && (
              <BunkerForm
                key={bunker.id}
                bunker={bunker}
                corner={corner}
                today={today}
                onChange={changeBunker}
              />
            )}
            {found.list === 'greens' && (
              <GreenForm
                key={found.shape.id}
                green={found.shape as GreenOn}
                today={today}
                onChange={(change) => onPlace(withShape(place, found.shape.id, change))}
              />
            )}
          </div>
        </section>
      )}
      {walking && <PacedForm onBunker={walked} onClose={() => setWalking(false)} />}
    </>
  );
}

/** How far north of what is drawn a green is put that would lie on it, m. */
const NORTH = 16;

/** A point that lies on nothing that is drawn: the one that is wanted, or north of everything. */
function clearOf(place: Place, wanted: Point): Point {
  const corners = [...place.bunkers, ...place.greens, ...place.areas].flatMap(({ outline }) =>
    ringOf(outline),
  );
  if (!corners.some((corner) => apart(corner, wanted) < NORTH)) return wanted;
  return [wanted[0], Math.max(...corners.map(([, north]) => north)) + NORTH];
}

/** A ring so many times as large about a point. */
const bigger = (ring: Ring, [mx, my]: Point, by: number): Ring =>
  ring.map(([x, y]): Point => [mx + (x - mx) * by, my + (y - my) * by]);

/** Name of a shape, and whether it is curved. */
function ShapeFields({
  shape,
  onChange,
}: {
  shape: Shape;
  onChange: (change: (shape: Shape) => Shape) => void;
}) {
  return (
    <>
      <TextInput
        label={t('Name')}
        maxLength={60}
        value={shape.name}
        fault={shape.name.trim() === '' ? t('must not be empty') : undefined}
        onChange={({ target }) => onChange((now) => ({ ...now, name: target.value }))}
      />
      <TickBox
        label={t('Curved between its corners')}
        checked={shape.curved}
        onChecked={(curved) => onChange((now) => ({ ...now, curved }))}
        className="mt-1"
      />
    </>
  );
}

/** Everything that is drawn, to be chosen by name. */
function ShapeChoice({
  place,
  chosen,
  onChosen,
}: Pick<DrawPanelProps, 'place' | 'chosen' | 'onChosen'>) {
  const all = [...place.bunkers, ...place.greens, ...place.areas];
  if (all.length === 0) return null;
  return (
    <section aria-labelledby="drawn" className="mt-4">
      <h2 id="drawn" className="text-lg">
        {t('On the plan')}
      </h2>
      <div className="mt-1 flex flex-wrap gap-1">
        {all.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={id === chosen}
            onClick={() => onChosen(id === chosen ? null : id)}
            className="button px-3 lit-when-chosen"
          >
            {name || t('no name')}
          </button>
        ))}
      </div>
    </section>
  );
}
