import type { AnySchema } from 'yup';
import { LEARNT_LIMITS } from '@/core/ground/player/learnt';
import { BEYONDS, GREEN_FIRMNESS } from '@/core/ground/situation/green';
import { BODY_CAUTIONS, HANDS, SKILLS, USUAL_MISSES } from '@/core/ground/player/player';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { LIES, DEEPEST_BURIAL } from '@/core/ground/sand/lie';
import { SCHOOL_IDS } from '@/core/search/schools/schools';
import {
  exactObject,
  flagField,
  integerField,
  listField,
  numberField,
  required,
  textField,
  wordField,
} from './fields';

export const SITUATION_FORMAT = 'mellow-divot/situation';
export const SITUATION_VERSION = 1;

const clubSchema = exactObject(
  {
    name: required(textField(1, 24)),
    type: required(wordField(['wedge', 'iron', 'hybrid', 'wood', 'putter'])),
    loft_deg: required(numberField(1, 80, 'deg')),
    bounce_deg: numberField(-5, 30, 'deg'),
    lie_deg: numberField(45, 80, 'deg'),
    camber: numberField(0, 1),
    head_mass_g: numberField(150, 500, 'g'),
  },
  {
    lengths: {
      stock_carry: { low: 5, high: 330 },
      sole: { low: 0.005, high: 0.09 },
      length: { low: 0.6, high: 1.3 },
    },
  },
);

const lipSchema = exactObject(
  {},
  {
    lengths: {
      height: { low: 0, high: 6, required: true },
      distance: { low: 0.3, high: 60, required: true },
    },
  },
);

const sandSchema = exactObject(
  {
    preset: wordField(SAND_PRESETS),
    firmness: numberField(0, 1),
    moisture: numberField(0, 1),
    density_kgm3: numberField(1100, 2200, 'kg/m3'),
    crust: flagField(),
  },
  { lengths: { depth: { low: 0.002, high: 1 } } },
);

const escapeSchema = exactObject(
  { toward_deg: required(numberField(-180, 180, 'deg')), lip: required(lipSchema) },
  { lengths: { room: { low: 1, high: 100, required: true } } },
);

export const shotSchema = exactObject(
  {
    lip: lipSchema,
    lie: wordField(LIES),
    slope: exactObject({
      along_deg: numberField(-25, 35, 'deg'),
      across_deg: numberField(-25, 25, 'deg'),
    }),
    sand: sandSchema,
    green: exactObject(
      { slope_deg: numberField(-8, 8, 'deg'), firmness: wordField(GREEN_FIRMNESS) },
      { lengths: { stimp: { low: 1, high: 5 } } },
    ),
    wind: exactObject({
      speed_mps: required(numberField(0, 20, 'm/s')),
      from_deg: numberField(-360, 360, 'deg'),
    }),
    beyond: wordField(BEYONDS),
    escapes: listField(escapeSchema, 0, 8),
  },
  {
    lengths: {
      pin: { low: 2, high: 230, required: true },
      edge: { low: 0.5, high: 230 },
      carry: { low: 1, high: 230 },
      clear: { low: 0.5, high: 230 },
      back: { low: 2, high: 280 },
      burial: { low: 0, high: DEEPEST_BURIAL },
    },
  },
);

/** The clubs of a player: one to twenty. */
export const bagSchema = required(listField(clubSchema, 1, 20));

/** A factor of what was learnt, within its limits. */
function learntField(name: keyof typeof LEARNT_LIMITS, unit?: string): AnySchema {
  const [low, high] = LEARNT_LIMITS[name];
  return required(numberField(low, high, unit));
}

/** What was learnt of a player, as factors on what the skill says. */
export const learntSchema = exactObject({
  version: required(integerField(1, 1_000_000)),
  balls: required(integerField(0, 1_000_000)),
  mark_bias_mm: learntField('mark_bias_mm', 'mm'),
  mark_scale: learntField('scale'),
  distance: learntField('distance'),
  distance_scale: learntField('scale'),
  aim_bias_deg: learntField('aim_bias_deg', 'deg'),
  aim_scale: learntField('scale'),
  clubs: required(
    listField(
      exactObject({
        club: required(textField(1, 24)),
        distance: learntField('distance'),
      }),
      0,
      20,
    ),
  ),
});

export const playerSchema = exactObject({
  handed: wordField(HANDS),
  skill: required(wordField(SKILLS)),
  bag: bagSchema,
  usual_miss: wordField(USUAL_MISSES),
  cautions: listField(wordField(BODY_CAUTIONS), 0, BODY_CAUTIONS.length),
  learnt: learntSchema,
});

const preferSchema = exactObject({
  schools: listField(wordField(SCHOOL_IDS), 0, SCHOOL_IDS.length),
  caution: numberField(0, 1),
});

const situationFields = {
  format: wordField([SITUATION_FORMAT]),
  version: numberField(SITUATION_VERSION, SITUATION_VERSION),
  player: required(playerSchema),
  shot: required(shotSchema),
  prefer: preferSchema,
  seed: integerField(0, 4294967295),
};

export const situationSchema = required(exactObject(situationFields));

/** An explicit set-up: the fields of a call from `club` to `swing_fraction` that the model uses. */
const setupSchema = exactObject(
  {
    school: wordField(SCHOOL_IDS),
    club: required(textField(1, 24)),
    technique: wordField(['splash', 'shallow', 'thud', 'steep', 'chop', 'pick', 'chip', 'putt']),
    face_deg: numberField(-60, 60, 'deg'),
    ball_position: numberField(0, 110),
    stance_width: numberField(0.5, 2),
    stance_open_deg: numberField(-45, 45, 'deg'),
    aim_deg: numberField(-60, 60, 'deg'),
    handle_lower_deg: numberField(-10, 15, 'deg'),
    shaft_lean_deg: numberField(-15, 20, 'deg'),
    release_deg: numberField(-20, 20, 'deg'),
    weight_lead: numberField(0.2, 0.95),
    body_with_slope: numberField(0, 1),
    swing_fraction: required(numberField(0.05, 1)),
  },
  {
    lengths: {
      dig: { low: 0, high: 0.06 },
      grip_down: { low: 0, high: 0.12 },
      entry: { low: -0.03, high: 0.15 },
    },
  },
);

export const simulationSchema = required(
  exactObject({ ...situationFields, setup: required(setupSchema) }),
);
