'use client';

import type { CallEntry } from '@/core/tell/sheet/callSheet';
import type { Shot } from '@/core/ground/situation/shot';
import { Overlay, type OverlayState } from '../../kit/Overlay';

interface RulesAndCareProps extends OverlayState {
  shot: Shot;
  call: CallEntry | undefined;
}

/** What is asked of a player in a bunker in play; practice areas are freer. */
const RULES: readonly string[] = [
  'Before the stroke: no testing the sand with hand, club or rake, and no touching it just in front of or behind the ball, in a practice swing or in the backswing. A breach costs the general penalty.',
  'Feet may be settled in. Loose stones and leaves, and movable objects, may be taken away with care not to move the ball.',
  'Lines and marks in the sand are for practice areas only.',
  'An unplayable ball has options inside the bunker for one penalty stroke, stroke and distance, and outside the bunker on the line for two.',
];

const CARE: readonly string[] = [
  'Nobody ahead of the player or level with the ball; the group behind the line, the next player waits.',
  'Enter and leave by the low side, never over the face. Rake after.',
  'Shade, water; out at the first thunder.',
];

/** Care that belongs to this sand and this lie. */
function careFor(shot: Shot): string[] {
  const care: string[] = [];
  if (shot.sand.strength < 1e4)
    care.push('Dry sand flies: cover the eyes when it is blown or splashed.');
  if (shot.sand.baseDepth < 0.03 || shot.sand.strength > 1e5) {
    care.push('Thin or packed sand: look for stones and roots before hitting down.');
  }
  if (shot.burial > 0.014) {
    care.push(
      'A sunken ball loads wrists, elbows and back: start at half effort, few repetitions, none with a fresh injury.',
    );
  }
  return care;
}

/** Rules and care for the ball that stands, deferring to those who decide. */
export function RulesAndCare({ shot, call, open, onOpenChange }: RulesAndCareProps) {
  return (
    <Overlay title="Rules and care" shape="drawer" open={open} onOpenChange={onOpenChange}>
      <p className="mb-3 border-l-4 border-flag pl-3 font-semibold">
        The Rules of Golf in force and the Committee’s Local Rules decide. What a body may do, a
        coach, doctor or physiotherapist decides.
      </p>
      <h3 className="mt-4 text-lg">This ball</h3>
      <ul className="list-disc pl-5">
        {[...(call?.cautions ?? []), ...careFor(shot)]
          .filter((text, i, all) => all.indexOf(text) === i)
          .map((text) => (
            <li key={text}>{text}</li>
          ))}
      </ul>
      <h3 className="mt-4 text-lg">In play</h3>
      <ul className="list-disc pl-5">
        {RULES.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      <h3 className="mt-4 text-lg">Always</h3>
      <ul className="list-disc pl-5">
        {CARE.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </Overlay>
  );
}
