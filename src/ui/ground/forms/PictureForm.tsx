'use client';

import { t } from '@/core/tell/language/t';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { apart, type Point } from '@/core/place/outline/ring';
import { pictureScale } from '@/core/place/survey/pictureScale';
import { Confirm } from '../../kit/Confirm';
import { Overlay, type Closable } from '../../kit/Overlay';
import { Alert } from '../../kit/Alert';
import { ask, askWithFile, saidOf } from '../../server/client';
import { LengthBox, NumberBox } from './NumberBox';

/** A picture of the ground that stands with a place. */
export interface PictureOfGround {
  width: number;
  height: number;
  url: string;
}

interface PictureFormProps {
  id: string;
  picture: PictureOfGround | null;
  /** Where the picture's first point is put: the middle of what is seen. */
  middle: Point;
}

const TYPES = 'image/png,image/jpeg';

/** A picture of the ground to trace from: brought in, scaled by two of its points, taken away. */
export function PictureForm({ id, picture, middle }: PictureFormProps) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [scaling, setScaling] = useState(false);
  const [asking, ask_] = useState(false);
  const bring = async (file: File): Promise<void> => {
    const reply = await askWithFile(`/api/places/${id}/picture`, file);
    if (reply.kind === 'ok') {
      setFault(null);
      router.refresh();
      return setScaling(true);
    }
    const [wrong] = reply.kind === 'refused' ? reply.faults : [];
    setFault(
      wrong
        ? t('This picture could not be used: it {message}.', { message: wrong.message })
        : saidOf(reply),
    );
  };
  return (
    <>
      <div className="flex flex-wrap gap-2">
        <label className="button cursor-pointer focus-within:outline-3">
          {picture ? t('Replace the picture') : t('Trace a picture')}
          <input
            type="file"
            accept={TYPES}
            className="sr-only"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void bring(file);
              target.value = '';
            }}
          />
        </label>
        {picture && (
          <>
            <button type="button" className="button" onClick={() => setScaling(true)}>
              {t('Set its scale')}
            </button>
            <button type="button" className="button" onClick={() => ask_(true)}>
              {t('Remove it')}
            </button>
          </>
        )}
      </div>
      {fault && <Alert className="mt-1">{fault}</Alert>}
      {scaling && picture && (
        <ScalePicture
          id={id}
          picture={picture}
          middle={middle}
          onClose={() => setScaling(false)}
          onScaled={() => {
            setScaling(false);
            router.refresh();
          }}
        />
      )}
      {asking && (
        <Confirm
          title={t('Remove the picture?')}
          action={t('Remove it')}
          onClose={() => ask_(false)}
          onConfirm={() => {
            void ask(`/api/places/${id}/picture`, 'DELETE').then(() => router.refresh());
            ask_(false);
          }}
        >
          {t('What you traced from it stays.')}
        </Confirm>
      )}
    </>
  );
}

interface ScalePictureProps extends Closable {
  id: string;
  picture: PictureOfGround;
  middle: Point;
  onScaled: () => void;
}

/** Two points of a picture whose distance is known lay it on the ground. */
function ScalePicture({ id, picture, middle, onClose, onScaled }: ScalePictureProps) {
  const [points, setPoints] = useState<readonly Point[]>([]);
  const [distance, setDistance] = useState(20);
  const [north, setNorth] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  const { width, height, url } = picture;
  const [first, second] = points;
  const take = async (): Promise<void> => {
    if (!first || !second) return;
    // Up in the picture is so many degrees from north.
    const turn = Math.atan2(second[0] - first[0], first[1] - second[1]) + (north * Math.PI) / 180;
    const there: Point = [
      middle[0] + distance * Math.sin(turn),
      middle[1] + distance * Math.cos(turn),
    ];
    try {
      const scale = pictureScale([first, second], [middle, there]);
      const reply = await ask(`/api/places/${id}/picture`, 'PATCH', scale);
      if (reply.kind === 'ok') return onScaled();
      setFault(saidOf(reply));
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      setFault(t('The two points are too close together.'));
    }
  };
  const mark = width / 60;
  return (
    <Overlay title={t('Scale the picture')} shape="wide" onClose={onClose}>
      <p>{t('Press two points whose distance apart you know, such as both ends of a green.')}</p>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={t('The picture, {points} of 2 points set', { points: points.length })}
        className="mt-2 block max-h-[55vh] w-full cursor-crosshair bg-paper-deep"
        onPointerDown={(event) => {
          const matrix = event.currentTarget.getScreenCTM();
          if (!matrix) return;
          const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
          setPoints([...(points.length > 1 ? [] : points), [at.x, at.y]]);
        }}
      >
        <image href={url} width={width} height={height} />
        {points.map(([x, y], i) => (
          <g key={i} transform={`translate(${x} ${y})`} stroke="var(--flag)" strokeWidth={mark / 4}>
            <path d={`M${-mark} 0H${mark}M0 ${-mark}V${mark}`} />
          </g>
        ))}
      </svg>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <LengthBox
          label={t('Distance between them')}
          scale="ground"
          value={distance}
          limits={[1, 1000]}
          onValue={setDistance}
        />
        <NumberBox
          label={t('Up in the picture is')}
          unit={t('° from north')}
          digits={0}
          value={north}
          limits={[-180, 360]}
          onValue={setNorth}
        />
        <button
          type="button"
          disabled={!first || !second || apart(first, second) < 1}
          onClick={() => void take()}
          className="button-main"
        >
          {t('Lay it on the plan')}
        </button>
      </div>
      {fault && <Alert className="mt-2">{fault}</Alert>}
    </Overlay>
  );
}
