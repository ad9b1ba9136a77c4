import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { ArrowRight } from 'lucide-react';
import type { Visit } from '@/core/lesson/plan/whatNext';
import type { StoredLesson } from '@/core/lesson/plan/stored';

interface WhatNextProps {
  lesson: StoredLesson;
  players: readonly { name: string }[];
  /** Who comes to which station next; null when all have been everywhere. */
  visit: Visit | null;
  onGo: (visit: Visit) => void;
}

/** What follows a station that has its balls: the next player at the next station, or the review. */
export function WhatNext({ lesson, players, visit, onGo }: WhatNextProps) {
  const arrow = <ArrowRight size={18} aria-hidden="true" className="ml-2 shrink-0" />;
  if (!visit) {
    return (
      <Link prefetch={false} href={`/lessons/${lesson.id}/review`} className="button-main">
        {t('All stations complete. Review the lesson')}
        {arrow}
      </Link>
    );
  }
  const station = `${visit.station + 1}. ${lesson.plan.stations[visit.station]!.name}`;
  return (
    <button type="button" onClick={() => onGo(visit)} className="button-main py-2 text-left">
      {players.length > 1
        ? t('Station complete. Next: {name} at {station}', {
            name: players[visit.player]!.name,
            station,
          })
        : t('Station complete. Next: {station}', { station })}
      {arrow}
    </button>
  );
}
