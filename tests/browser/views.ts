import { settled } from './helpers';
import type { Page } from './test';

/** The lesson of the demo that is under way. */
export const DEMO_LESSON = '/lessons/5a17a0e5-0000-4000-8000-000000000001';

/** Practice of the demo, half done. */
export const DEMO_PLAN = '/practice/5a17a0e5-0000-4000-8000-0000000000a1';

/** The later bunker test of the demo. */
export const DEMO_TEST = '/practice/tests/5a17a0e5-0000-4000-8000-0000000000b2';

/** The practice ground of the demo. */
export const DEMO_GROUND = '/ground/5a17a0e5-0000-4000-8000-0000000000d1';

/** A view: its address, and what is awaited of it. */
export type View = readonly [address: string, ready: (page: Page) => Promise<unknown>];

/** The main views of the demo; players who have units of their own are left out. */
export const VIEWS: readonly View[] = [
  [
    '/?player=ines-okafor&pin_yd=15&edge_yd=9&lip.height_ft=4&lip.distance_ft=6&lie=plugged',
    settled,
  ],
  ['/players', (page) => page.getByRole('table').waitFor()],
  ['/players/ines-okafor', (page) => page.getByRole('heading', { name: 'Bag check' }).waitFor()],
  ['/coaches', (page) => page.getByRole('heading', { name: 'What happened' }).waitFor()],
  ['/lessons', (page) => page.getByRole('heading', { name: 'Lessons' }).waitFor()],
  [DEMO_LESSON, (page) => page.getByTestId('script').waitFor()],
  [`${DEMO_LESSON}/plan`, (page) => page.getByRole('table').waitFor()],
  ['/practice', (page) => page.getByRole('heading', { name: 'Practice', exact: true }).waitFor()],
  ['/practice/drills', (page) => page.getByText('Line in the sand').first().waitFor()],
  [DEMO_PLAN, (page) => page.getByRole('heading', { name: '4 sessions' }).waitFor()],
  ['/practice/tests', (page) => page.getByRole('heading', { name: 'Bunker tests' }).waitFor()],
  [DEMO_TEST, (page) => page.getByRole('heading', { name: /points$/ }).waitFor()],
  ['/practice/eye', (page) => page.getByRole('heading', { name: 'The eye' }).waitFor()],
  ['/practice/eye/ines-okafor', (page) => page.getByText('scene 1 of 10').waitFor()],
  ['/ground', (page) => page.getByRole('heading', { name: 'Ground' }).waitFor()],
  [`${DEMO_GROUND}?player=ines-okafor`, (page) => page.getByTestId('rose').waitFor()],
  [
    `${DEMO_GROUND}/book`,
    (page) =>
      page
        .getByText(/strokes to hole out/)
        .first()
        .waitFor(),
  ],
  [`${DEMO_LESSON}/review`, (page) => page.getByText('What would change').waitFor()],
];
