import type { Hand, Skill, UsualMiss } from '@/core/ground/player/player';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import type { UnitSystem } from '@/core/ground/units/system';
import { unlessFaulty } from '@/core/contract/check/fault';
import type { ClubInput } from '@/core/contract/shot/club';
import { readBagText } from './bagText';
import { newRecord, type House } from './house';
import type { PlayerRecord } from './record';
import { skillOf } from './skillOf';
import { usualLoft } from './usualLoft';

/** A player as one sentence says it, and the parts that say nothing that is known. */
export interface SaidPlayer {
  record: PlayerRecord;
  unread: string[];
}

/** A sentence that is longer is no sentence. */
export const LONGEST_SENTENCE = 600;

const SKILLS: readonly [RegExp, Skill][] = [
  [/^(a )?(beginner|novice|new to (it|golf))$/, 'beginner'],
  [/^(a )?high[- ]handicap(per)?$/, 'beginner'],
  [/^(a )?(mid(dle|dling)?[- ]handicap(per)?|bogey golfer|average)$/, 'middle'],
  [/^(a )?(low[- ]handicap(per)?|single[- ]figures?|good)$/, 'good'],
  [/^(a )?(professional|pro|tour player|scratch|expert)$/, 'expert'],
];

const HANDS: readonly [RegExp, Hand][] = [
  [/^(a )?(left[- ]?hand(ed|er)|lefty|lh)$/, 'left'],
  [/^(a )?(right[- ]?hand(ed|er)|rh)$/, 'right'],
];

const MISSES: readonly [RegExp, UsualMiss][] = [
  [/^(usually|mostly|often|misses)? ?(heavy|fat)$/, 'heavy'],
  [/^(usually|mostly|often|misses)? ?thin$/, 'thin'],
];

const HANDICAP = /^(?:handicap|hcp|hc)?\s*(?:of\s*)?(\+?-?\d{1,2}(?:\.\d)?)\s*(?:handicap|hcp)?$/;

const found = <T>(text: string, list: readonly [RegExp, T][]): T | undefined =>
  list.find(([pattern]) => pattern.test(text))?.[1];

/** "PW 108", "9 iron goes 121 m": a club by its name and its carry; null for what is none. */
const NAMED =
  /^(?<name>[pgasul]w|\d ?i(?:ron)?)(?:\s+(?<carry>\d{2,3}(?:\.\d+)?)\s*(?<unit>yd|yards?|m|metres?)?)?$/i;

/** A club of the sentence, its carry in the reader's units where it names none; null for what is none. */
function clubOf(part: string, units: UnitSystem): ClubInput | null {
  const text = part
    .replace(/\b(goes|carries|flies|for|is|about|a|the)\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const said = NAMED.exec(text)?.groups;
  const loft = said ? usualLoft(said.name!) : null;
  const named =
    said && loft !== null
      ? [
          said.name!.replace(/\s*i(ron)?$/i, 'i').replace(/^\D+$/, (name) => name.toUpperCase()),
          loft,
          said.carry,
          said.unit,
        ]
          .filter(Boolean)
          .join(' ')
      : text;
  const [club] = unlessFaulty(() => readBagText(named)) ?? [];
  return club ? inUnits(club, /\d\s*(yd|yards?|m|metres?)$/i.test(named), units) : null;
}

/** A carry that named no unit is in the reader's. */
function inUnits(club: ClubInput, named: boolean, units: UnitSystem): ClubInput {
  if (named || units === 'yards' || club.stock_carry_yd === undefined) return club;
  const { stock_carry_yd: said, ...rest } = club;
  return { ...rest, stock_carry_yd: Math.round(fromMetres(toMetres(said, 'm'), 'yd') * 10) / 10 };
}

/** True for what may be a name: words of letters, two to four of them or one capital first. */
const isName = (part: string): boolean =>
  /^\p{Lu}[\p{L}’'.-]*( \p{L}[\p{L}’'.-]*){0,4}$/u.test(part) && part.length <= 80;

/**
 * Reads a player as a coach would say it: name, level or handicap, hand, usual miss and clubs with loft, bounce and carry, parted by commas.
 * What is not said is as the house has it; clubs that are said by name have the usual loft of that name.
 *
 * @param units that carries are in which name none
 * @example
 * const house = { name: 'Dunes', handed: 'right', skill: 'good', units: 'yards', schools: [] };
 * const { record } = readPlayerSentence('Ada Lund, mid handicap, 56/12 goes 82, PW 108', house, 'yards');
 * record.bag.map(({ name }) => name); // => ['PW', '56']
 */
export function readPlayerSentence(text: string, house: House, units: UnitSystem): SaidPlayer {
  const parts = text
    .slice(0, LONGEST_SENTENCE)
    .split(/[,;\n]|\.(?=\s|$)|\band\b/i)
    .map((part) => part.trim())
    .filter(Boolean);
  const { bag: _usual, ...plain } = newRecord(house);
  const record: Omit<PlayerRecord, 'bag'> = { ...plain };
  const bag: ClubInput[] = [];
  const unread: string[] = [];
  for (const part of parts) {
    const low = part.toLowerCase();
    const skill = found(low, SKILLS);
    const hand = found(low, HANDS);
    const miss = found(low, MISSES);
    const club = clubOf(part, units);
    const handicap = /handicap|hcp|hc/.test(low) ? HANDICAP.exec(low)?.[1] : undefined;
    if (skill) record.skill = skill;
    else if (hand) record.handed = hand;
    else if (miss) record.usual_miss = miss;
    else if (handicap !== undefined) {
      record.handicap = Number(handicap.replace(/^\+/, '-'));
      record.skill = skillOf(record.handicap);
    } else if (club && !bag.some(({ name }) => name === club.name)) bag.push(club);
    else if (record.name === '' && isName(part)) record.name = part;
    else unread.push(part);
  }
  bag.sort((a, b) => a.loft_deg - b.loft_deg);
  return { record: { ...record, bag }, unread };
}
