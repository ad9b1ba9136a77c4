import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import Link from 'next/link';

/** What the room of practice holds. */
const PARTS = [
  { name: 'Plans', href: '/practice' },
  { name: 'Bunker tests', href: '/practice/tests' },
  { name: 'The eye', href: '/practice/eye' },
  { name: 'Drills', href: '/practice/drills' },
] as const;

const NAMES: Record<(typeof PARTS)[number]['name'], string> = told({
  Plans: 'Plans',
  'Bunker tests': 'Bunker tests',
  'The eye': 'The eye',
  Drills: 'Drills',
});

/** The parts of the room of practice, the one that this is underlined. */
export function PracticeNav({ part }: { part: (typeof PARTS)[number]['name'] }) {
  return (
    <nav aria-label={t('Practice')} className="flex flex-wrap">
      {PARTS.map(({ name, href }) => (
        <Link
          key={name}
          prefetch={false}
          href={href}
          aria-current={name === part ? 'page' : undefined}
          className="button-quiet max-sm:px-2 lined-when-chosen"
        >
          {NAMES[name]}
        </Link>
      ))}
    </nav>
  );
}
