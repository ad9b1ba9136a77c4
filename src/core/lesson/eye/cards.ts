import { createEmptyCard, fsrs, Rating, type Card } from 'ts-fsrs';
import { UTCDate } from '@date-fns/utc';
import type { SceneResult, Topic } from './answer';
import { abilitiesOf, levelFor } from './ability';
import { sceneOf, type Level, type Scene } from './scene';

/* What is to be seen again, and when: a card for each kind of thing that scenes show, kept by FSRS (J. Ye, 2022). */

/** Where far flags and high lips begin, m. */
const FAR = 18;
const HIGH = 1;

/** The cards that a scene turns up: what is to be read in it, by kind. */
export const cardsOf = ({ pin, lip, lie, sand, slope }: Scene): string[] => [
  `distance:${pin < FAR ? 'near' : 'far'}`,
  `lip:${lip < HIGH ? 'low' : 'high'}`,
  `lie:${lie}`,
  `sand:${sand}`,
  `slope:${slope}`,
];

const topicOf = (card: string): Topic => card.split(':')[0] as Topic;

/** The same answers give the same days: nothing is left to chance. */
const scheduler = fsrs({ enable_fuzz: false });

/** The cards of a trainee after some answers, first answered first. */
export function scheduled(results: readonly SceneResult[]): ReadonlyMap<string, Card> {
  const cards = new Map<string, Card>();
  for (const { shows, answered_at, right } of results) {
    const at = new UTCDate(answered_at);
    for (const name of shows) {
      const card = cards.get(name) ?? createEmptyCard<Card>(at);
      const rating = right[topicOf(name)] === 1 ? Rating.Good : Rating.Again;
      cards.set(name, scheduler.next(card, at, rating).card);
    }
  }
  return cards;
}

/** Scenes that the next one is chosen from. */
const CHOICE = 24;

/** Worth of a scene for a card that is due, for one that was never seen, and for how weak a topic is. Tuned. */
const DUE = 1.5;
const NEW = 0.8;
const WEAK = 0.7;

/**
 * The scene that teaches most next: of some at the trainee's level, the one that shows most of what is due, was never seen, or is weak.
 *
 * @param results first answered first
 * @param now ISO 8601
 * @param seed by which scenes are drawn
 */
export function nextScene(results: readonly SceneResult[], now: string, seed: number): Scene {
  const abilities = abilitiesOf(results);
  const level = levelFor(abilities);
  const cards = scheduled(results);
  const at = new UTCDate(now).getTime();
  const seen = new Set(results.map((result) => `${result.seed}/${result.level}`));
  const worth = (scene: Scene): number =>
    cardsOf(scene).reduce((sum, name) => {
      const card = cards.get(name);
      const due = card ? (card.due.getTime() <= at ? DUE : 0) : NEW;
      return sum + due - WEAK * abilities[topicOf(name)].mean;
    }, 0);
  const scenes = Array.from({ length: CHOICE }, (_, i) => sceneOf(seed + i, level)).filter(
    (scene) => !seen.has(`${scene.seed}/${scene.level}`),
  );
  const [best] = scenes.sort((a, b) => worth(b) - worth(a));
  return best ?? sceneOf(seed + CHOICE, level);
}

/** Scenes are numbered from here on by the trainee's own count: the same ones are not drawn twice. */
const APART = 1000;

/** By which the first scene of a round is drawn, for a trainee who answered so many before. */
export const firstSeed = (answered: number): number => 1 + answered * APART;

/** How many scenes a round has. */
export const ROUND = 10;

/** The scenes of a round that everybody gets alike: a class may look at them together. */
export const classRound = (seed: number, level: Level): Scene[] =>
  Array.from({ length: ROUND }, (_, i) => sceneOf(seed * 1000 + i + 1, level));
