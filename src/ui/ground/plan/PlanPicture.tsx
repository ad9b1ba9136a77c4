import type { PictureScale } from '@/core/place/survey/pictureScale';
import type { PlanScale } from './view';

interface PlanPictureProps {
  url: string;
  size: { width: number; height: number };
  lies: PictureScale;
  scale: PlanScale;
}

/** The picture that a place is traced from, as it lies on the ground. */
export function PlanPicture({ url, size, lies: { origin, right }, scale }: PlanPictureProps) {
  const [across, down] = [right[0] * scale.perMetre, right[1] * scale.perMetre];
  const at = `${scale.x(origin[0])} ${scale.y(origin[1])}`;
  return (
    <image
      href={url}
      {...size}
      opacity="0.75"
      transform={`matrix(${across} ${-down} ${down} ${across} ${at})`}
      className="pointer-events-none"
    />
  );
}
