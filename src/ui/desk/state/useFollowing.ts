'use client';

import { useMemo } from 'react';
import type { Answer } from '@/core/tell/answer/answer';
import { follow } from '@/core/tell/picture/follow';
import type { CallPicture } from '@/core/tell/picture/picture';
import type { Shot } from '@/core/ground/situation/shot';

/**
 * The pictures of the calls for the shot that stands. While the search is under way the calls that stood are solved
 * again for it on the spot, a few shots' work, so that the drawing follows a hand at once; their ridges wait.
 */
export function useFollowing(
  answer: Answer | null,
  shot: Shot,
  busy: boolean,
): (CallPicture | null)[] {
  return useMemo(() => {
    if (!answer) return [];
    if (!busy) return answer.pictures;
    return answer.pictures.map((picture) => {
      if (!picture || picture.toward !== 0) return picture;
      const moved = follow(picture.plan, answer.golfer, shot);
      return moved ? { ...picture, ...moved } : null;
    });
  }, [answer, shot, busy]);
}
