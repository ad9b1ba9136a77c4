import { HANDS, SKILLS } from '../player/player';
import { GREEN_FIRMNESS } from '../green/surface';
import { SAND_PRESETS } from '../sand/presets';
import {
  exactObject,
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

/** What the format names but this version cannot compute yet. */
const NOT_YET = ['clear', 'escapes', 'wind', 'slope'];

export const shotSchema = exactObject(
  {
    lip: lipSchema,
    lie: wordField(['clean']),
    sand: exactObject({ preset: wordField(SAND_PRESETS) }),
    green: exactObject(
      { slope_deg: numberField(-8, 8, 'deg'), firmness: wordField(GREEN_FIRMNESS) },
      { lengths: { stimp: { low: 1, high: 5 } } },
    ),
    beyond: wordField(['fringe', 'rough']),
  },
  {
    lengths: {
      pin: { low: 2, high: 230, required: true },
      edge: { low: 0.5, high: 230 },
      carry: { low: 1, high: 230 },
      back: { low: 2, high: 280 },
    },
    unknown: (key) =>
      NOT_YET.some((name) => key === name || key.startsWith(`${name}_`))
        ? 'is not supported yet by this version'
        : 'is not a field of this format',
  },
);

export const situationSchema = required(
  exactObject({
    format: wordField([SITUATION_FORMAT]),
    version: wordField([SITUATION_VERSION as unknown as string]),
    player: required(
      exactObject({
        handed: wordField(HANDS),
        skill: required(wordField(SKILLS)),
        bag: required(listField(clubSchema, 1, 20)),
      }),
    ),
    shot: required(shotSchema),
    prefer: exactObject({
      schools: listField(textField(1, 40), 0, 20),
      caution: numberField(0, 1),
    }),
    seed: integerField(0, 4294967295),
  }),
);
