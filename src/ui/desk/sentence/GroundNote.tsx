import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import type { ShotInput } from '@/core/contract/shot/shot';
import { FromGround } from '../../reading/FromGround';

/** Drawn ground that a reading was read off. */
export interface DeskGround {
  /** The bunker and the place. */
  name: string;
  /** The ball on the plan. */
  href: string;
  /** What the ground says, to a right-hander. */
  shot: ShotInput;
}

/** Where the marked words of the sentence come from. */
export function GroundNote({ ground: { name, href } }: { ground: DeskGround }) {
  return (
    <p className="text-sm text-ink-soft">
      <FromGround /> {t('taken from {name}; change any of it here.', { name })}{' '}
      <Link prefetch={false} href={href} className="underline underline-offset-4">
        {t('Back to the plan')}
      </Link>
    </p>
  );
}
