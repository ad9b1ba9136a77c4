import { t } from '@/core/tell/language/t';
import { shotOf, type Scene } from '@/core/lesson/eye/scene';
import { feelWords, rehearsalWords } from '@/core/tell/lessons/eyeWords';
import { greenHalfWidth } from '@/core/ground/situation/ground';
import { degrees } from '@/core/ground/units/angle';
import type { Hand } from '@/core/ground/player/player';
import { AboveGround } from '../drawing/above/AboveGround';
import { FlagAbove } from '../drawing/above/FlagAbove';
import { aboveScale } from '../drawing/above/scale';
import { LieDrawing } from '../drawing/LieDrawing';
import { SandSwatch } from '../drawing/SandSwatch';
import { Ground } from '../drawing/section/Ground';
import { Flag } from '../drawing/section/Marks';
import { sectionScale, WHOLE_VIEW, type SectionScale } from '../drawing/section/scale';
import { TiltDrawing } from '../drawing/TiltDrawing';

const SIZE = { width: 900, height: 190 };
const ABOVE = { width: 900, height: 200 };

/** Of the person who stands by the ball, m: size is read against it. */
const PERSON = 1.75;

/** Of the flag, m. */
const FLAG = 2.1;

interface SceneProps {
  scene: Scene;
  handed: Hand;
}

const STANDS_AT = -0.8;

/** A scene from the side, to scale, with a person by the ball. */
export function SceneFromSide({ scene, handed }: SceneProps) {
  const shot = shotOf(scene, handed);
  const mirrored = handed === 'left';
  const extent = {
    farthest: shot.back,
    highest: Math.max(PERSON, shot.lip.height + FLAG) + 0.6,
    lipHeight: shot.lip.height,
  };
  const scale = sectionScale(SIZE, extent, WHOLE_VIEW, mirrored);
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="img"
      aria-label={t('The scene from the side, to scale, with a person by the ball')}
      className="block w-full rounded"
    >
      <rect width={SIZE.width} height={SIZE.height} fill="var(--sky)" />
      <g transform={mirrored ? `translate(${SIZE.width} 0) scale(-1 1)` : undefined}>
        <Ground
          scale={sectionScale(SIZE, extent)}
          width={SIZE.width}
          height={SIZE.height}
          lip={shot.lip}
          edge={shot.edge}
          back={shot.back}
          burial={shot.burial}
          sand={shot.sand}
        />
      </g>
      <Person scale={scale} />
      <Flag scale={scale} shot={shot} />
      <circle
        cx={scale.x(0)}
        cy={scale.z(0)}
        r={Math.max(2.5, 0.0214 * scale.perMetre)}
        fill="white"
        stroke="#14302a"
      />
    </svg>
  );
}

/** A scene from above, to scale. */
export function SceneFromAbove({ scene, handed }: SceneProps) {
  const shot = shotOf(scene, handed);
  const above = aboveScale(ABOVE, shot.back, greenHalfWidth(shot), handed === 'left');
  return (
    <svg
      viewBox={`0 0 ${ABOVE.width} ${ABOVE.height}`}
      role="img"
      aria-label={t('The scene from above, to scale')}
      className="block w-full rounded"
    >
      <AboveGround shot={shot} scale={above} size={ABOVE} />
      <FlagAbove scale={above} pin={shot.pin} />
      <circle cx={above.x(0)} cy={above.y(0)} r="3" fill="white" stroke="#14302a" />
    </svg>
  );
}

/** A scene without a number: from the side and from above; the lie close up, the tilt, what the feet feel. */
export function SceneDrawing({ scene, handed }: SceneProps) {
  const shot = shotOf(scene, handed);
  const side = handed === 'left' ? -1 : 1;
  return (
    <div className="space-y-2">
      <SceneFromSide scene={scene} handed={handed} />
      <SceneFromAbove scene={scene} handed={handed} />
      <div className="grid grid-cols-4 items-end gap-3 max-sm:grid-cols-2">
        <Close title={t('The lie')}>
          <LieDrawing burial={shot.burial} />
        </Close>
        <Close title={t('The sand')}>
          <SandSwatch preset={scene.sand} />
        </Close>
        <Close title={t('From the side')}>
          <TiltDrawing deg={side * degrees(shot.along)} label={t('The ground, from the side')} />
        </Close>
        <Close title={t('From behind the ball')}>
          <TiltDrawing
            deg={side * degrees(shot.across)}
            label={t('The ground, from behind the ball')}
          />
        </Close>
      </div>
      <p className="text-sm">
        {feelWords(scene)} {rehearsalWords(scene)}
      </p>
    </div>
  );
}

function Close({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <figure>
      {children}
      <figcaption className="text-sm text-ink-soft">{title}</figcaption>
    </figure>
  );
}

/** Somebody who stands by the ball, as tall as people are. */
function Person({ scale: { x, z, perMetre } }: { scale: SectionScale }) {
  const at = x(STANDS_AT);
  const up = (metres: number): number => z(metres - 0.02);
  const head = 0.11 * perMetre;
  return (
    <g stroke="var(--ink)" strokeWidth={Math.max(2, 0.13 * perMetre)} strokeLinecap="round">
      <path
        d={`M${at - 0.12 * perMetre} ${up(0)} L${at} ${up(0.85)} L${at + 0.12 * perMetre} ${up(0)}
            M${at} ${up(0.85)} V${up(1.4)} M${at} ${up(1.35)} L${at + 0.2 * perMetre} ${up(0.8)}`}
        fill="none"
      />
      <circle cx={at} cy={up(PERSON - 0.12)} r={head} fill="var(--ink)" stroke="none" />
    </g>
  );
}
