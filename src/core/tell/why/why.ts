import { t } from '../language/t';
import { capital } from '../words/capital';
import { chanceWords, distanceWords } from '../words/words';
import { BEYOND_WORDS, LIE_WORDS } from '../words/situation';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '../language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { COST_FACTORS, type CostFactor, type FactorCosts } from '@/core/search/changes/factorCosts';
import type { Facts, Reason, SandApart } from '@/core/search/reasons/reason';

/** One reason as it is said, in the order of its weight. */
export interface ReasonEntry {
  factor: string;
  text: string;
  /** Strokes that the factor costs against its neutral value; what it saves is negative, and nought where that is not known. */
  strokes: number;
}

/** What a factor's cost is called. */
function costWords(strokes: number): string {
  if (Math.abs(strokes) < 0.02) return t('almost nothing');
  return t('{strokes} strokes', { strokes: Math.abs(strokes).toFixed(2).replace(/0$/, '') });
}

const verb = (strokes: number): string => (strokes < -0.02 ? t('saves') : t('costs'));

/** Sand that differs from medium, in a sentence. */
function sandWords(sand: SandApart): string {
  switch (sand) {
    case 'crust':
      return t(
        'The sand is dry on top and packed below: played as the dry sand that it looks like, the club bounces into the ball.',
      );
    case 'firmer':
      return t('The sand is firmer than medium.');
    case 'thinner':
      return t('The sand is thinner than medium.');
    case 'softer':
      return t('The sand is softer than medium.');
  }
}

const degreeWords = (rad: number): string => `${Math.round(Math.abs(degrees(rad)))}°`;

type Of<F extends Facts['factor']> = Extract<Facts, { factor: F }>;

function lipWords({ asks, launch, clearance, out }: Of<'lip'>, units: UnitSystem): string {
  const over =
    clearance === null
      ? t('rolls up it')
      : t('launches at {deg} and clears it by {clearance}', {
          deg: degreeWords(launch),
          clearance: sayLength(clearance, 'height', units),
        });
  return t('You need {asks} of launch to clear the lip; this {over}. Out {chance}.', {
    asks: degreeWords(asks),
    over,
    chance: chanceWords(out),
  });
}

function windWords({ from }: Of<'wind'>): string {
  if (from === 'across') return t('The wind is across.');
  return from === 'against' ? t('The wind is against.') : t('The wind is behind.');
}

function greenWords({ green: { stimp, slope, firmness } }: Of<'green'>): string {
  const tilt = Math.abs(slope) > 0.005 ? ` ${slope > 0 ? t('and uphill') : t('and downhill')}` : '';
  const hold =
    firmness === 'medium' ? '' : `, ${firmness === 'firm' ? t('firm|green') : t('soft|green')}`;
  return t('The green runs {stimp}{tilt}{hold}.', {
    stimp: plainNumber(fromMetres(stimp, 'ft')),
    tilt,
    hold,
  });
}

/** Shares of the planned carry from which on a heavy miss goes as far, and below which it goes nowhere. */
const AS_FAR = 0.97;
const NOWHERE = 0.1;

/** What the usual heavy miss keeps of the planned carry. */
function heavyWords(carry: number, planned: number, units: UnitSystem): string {
  const kept = carry / Math.max(0.01, planned);
  if (kept >= AS_FAR) return t('the usual heavy miss carries as far as planned');
  if (kept < NOWHERE) return t('the usual heavy miss hardly moves the ball');
  return t('the usual heavy miss still carries {carry}, {kept}% of the planned carry', {
    carry: distanceWords(carry, units),
    kept: Math.round(100 * kept),
  });
}

function soleWords(
  { bounce, effective, heavy, planned, against, other }: Of<'sole'>,
  units: UnitSystem,
): string {
  const whole = (rad: number): string => degrees(rad).toFixed(0);
  const sentences = [
    t('{bounce}° of bounce is {work}° effective here: {heavy}.', {
      bounce: whole(bounce),
      work: whole(effective),
      heavy: heavyWords(heavy, planned, units),
    }),
  ];
  if (against !== null) {
    sentences.push(
      t('Compared with 10° of bounce that {costs} {strokes} here.', {
        costs: verb(against),
        strokes: costWords(against),
      }),
    );
  }
  if (other) {
    sentences.push(
      t('The {other}, with {bounce}°, played the same way {costs} {strokes}.', {
        other: other.club,
        bounce: whole(other.bounce),
        costs: other.costs < 0 ? t('costs') : t('saves'),
        strokes: costWords(other.costs),
      }),
    );
  }
  return sentences.join(' ');
}

const distanceReason = ({ carry, run, total, share }: Of<'distance'>, units: UnitSystem): string =>
  carry > 0
    ? t('{carry} of carry takes {share}% of full swing speed, then {roll} of roll.', {
        carry: distanceWords(carry, units),
        share: Math.round(100 * share),
        roll: distanceWords(Math.max(0, run), units),
      })
    : t('{total} along the ground.', { total: distanceWords(total, units) });

/** Facts of a factor, a sentence or two. */
function factWords(facts: Facts, units: UnitSystem): string {
  switch (facts.factor) {
    case 'lip':
      return lipWords(facts, units);
    case 'lie':
      return t('The ball is {sits}.', { sits: LIE_WORDS[facts.lie].sits });
    case 'sand':
      return sandWords(facts.sand);
    case 'slope': {
      const deg = degreeWords(facts.along);
      return facts.along > 0
        ? t('The {deg} upslope adds height and takes off distance and roll.', { deg })
        : t('The {deg} downslope takes off height and adds roll.', { deg });
    }
    case 'side-slope':
      return facts.side === 'above'
        ? t('The ball above the feet is allowed for in the aim.')
        : t('The ball below the feet is allowed for in the aim.');
    case 'wind':
      return windWords(facts);
    case 'green':
      return greenWords(facts);
    case 'beyond':
      return `${capital(BEYOND_WORDS[facts.beyond])}.`;
    case 'sole':
      return soleWords(facts, units);
    case 'distance':
      return distanceReason(facts, units);
    case 'thin':
      return t('Thin {chance}: nobody ahead of the player.', { chance: chanceWords(facts.chance) });
  }
}

/** Reasons of a call as they are said. */
export const reasonEntries = (reasons: readonly Reason[], units: UnitSystem): ReasonEntry[] =>
  reasons.map(({ facts, strokes }) => ({
    factor: facts.factor,
    text: factWords(facts, units),
    strokes,
  }));

/** What a factor costs, as a sentence that follows its facts. */
function costSentence(factor: CostFactor, strokes: number): string {
  const costs = { costs: verb(strokes), strokes: costWords(strokes) };
  switch (factor) {
    case 'lip':
      return t('The lip {costs} {strokes}.', costs);
    case 'lie':
      return t('Compared with a clean lie that {costs} {strokes}.', costs);
    default:
      return t('That {costs} {strokes}.', costs);
  }
}

/** The reasons of a call with what each factor costs, the dearest first. */
export function withCosts(why: readonly ReasonEntry[], costs: FactorCosts): ReasonEntry[] {
  const known = why.map((reason): ReasonEntry => {
    const factor = reason.factor as CostFactor;
    const strokes = costs.get(factor);
    if (strokes === undefined) return reason;
    return { factor, text: `${reason.text} ${costSentence(factor, strokes)}`, strokes };
  });
  const isFactor = ({ factor }: ReasonEntry): boolean =>
    (COST_FACTORS as readonly string[]).includes(factor);
  const dear = known.filter(isFactor).sort((a, b) => Math.abs(b.strokes) - Math.abs(a.strokes));
  return [...dear, ...known.filter((reason) => !isFactor(reason))];
}
