/**
 * The rooms of the house in one order, from the ground up: a room looks into those that stand before it. So there are no rings.
 * A file belongs to the room with the longest name that its folder begins with.
 */
const CORE = {
  ground: 'numeric table units fact ball arc club sand situation player measure',
  model: 'swing passage strike flight green golfer strokes spread putt shot batch odds',
  search: 'schools candidates calls changes reasons map ladder audit',
  contract: 'check shot reading',
  place: 'outline record sight survey rose field exchange fire',
  lesson:
    'coaches players plan balls peers learning faults review drills homework worth bunkerTest eye exchange tracker',
  tell: 'language facts words script why grammar sheet picture answer place drills lessons pocket',
};

const under = (folder, rooms) => rooms.split(' ').map((room) => `${folder}/${room}`);

export const ROOMS = [
  ...Object.entries(CORE).flatMap(([floor, rooms]) => under(`core/${floor}`, rooms)),
  'core/testing',
  ...under('data', 'sql disk folder migrations backup server opening access move erasing'),
  'data',
  'workers',
  'workers/page',
  ...under('ui', 'engine server testing kit frame drawing drawing/above drawing/section plots'),
  ...under('ui', 'measure reading call callmap'),
  ...under('ui/desk', 'state sentence commands overlays'),
  ...under('ui', 'desk ground/plan ground/forms ground'),
  ...under('ui', 'audit ladder learning drills practice lessons players coaches own card paper'),
  'workers/server',
  'demo',
  'cli',
  'app',
];

/** Wings of the house, and which others each may look into. */
export const WINGS = {
  core: [],
  data: ['core'],
  workers: ['core'],
  'workers/page': ['core', 'workers'],
  ui: ['core', 'workers/page', 'workers'],
  'workers/server': ['core', 'workers', 'ui'],
  demo: ['core', 'data'],
  cli: ['core', 'data', 'workers/server'],
  app: ['core', 'data', 'ui', 'demo', 'workers/server'],
};
