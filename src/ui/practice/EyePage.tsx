'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { v4 as uuid } from 'uuid';
import { abilitiesOf, FEWEST_SCENES, weakest } from '@/core/lesson/eye/ability';
import { TOPICS, type EyeAnswer, type SceneResult } from '@/core/lesson/eye/answer';
import { cardsOf, nextScene, ROUND } from '@/core/lesson/eye/cards';
import { abilityWords, TOPIC_WORDS } from '@/core/tell/lessons/eyeWords';
import type { Scene } from '@/core/lesson/eye/scene';
import { inHouse, type RosterPlayer } from '@/core/lesson/players/player';
import type { HousePreferences } from '@/core/lesson/players/house';
import { counted } from '@/core/tell/words/counted';
import { PracticeNav } from '../frame/PracticeNav';
import { TopBar } from '../frame/TopBar';
import { useAssists } from '../frame/who';
import { Alert } from '../kit/Alert';
import { useUnits } from '../kit/units';
import { SceneAnswer } from './SceneAnswer';
import { SceneDrawing } from './SceneDrawing';
import { SceneForm } from './SceneForm';
import { useEyeAnswer } from './useEyeAnswer';
import { useEyeResults } from './useEyeResults';

interface EyePageProps {
  /** Who reads, and plays what is called: a player, or how somebody of the academy plays. */
  trainee: RosterPlayer;
  /** Whether it is whoever is signed in. */
  own?: boolean;
  house: HousePreferences;
  /** Scenes that were answered before, first answered first. */
  before: readonly SceneResult[];
  /** By which scenes are drawn, and when the page was asked for. */
  seed: number;
  now: string;
  /** The scenes of a round that is given; null for one that follows the trainee. */
  round: readonly Scene[] | null;
}

/** Reading and calling, scene by scene: what is drawn is estimated and called, held against the engine, and comes again when it is due. */
export function EyePage(props: EyePageProps) {
  const { trainee: player, own = false, house, before, seed, now, round } = props;
  const assists = useAssists();
  const units = useUnits();
  const housed = useMemo(() => inHouse(player, house), [player, house]);
  const { results, add, fault, sendAgain } = useEyeResults(before, own);
  const [scene, setScene] = useState<Scene>(() =>
    round ? round[0]! : nextScene(before, now, seed),
  );
  const [answer, setAnswer] = useState<EyeAnswer | null>(null);
  const { revealed, none, fault: failed } = useEyeAnswer(housed, scene, answer, units);
  // A scene that nothing gets out of at the flag is one of the round, and teaches nothing.
  const [done, setDone] = useState(0);
  const scenes = round?.length ?? ROUND;
  const saved = useRef(new Set<EyeAnswer>());
  const next = useRef<HTMLButtonElement>(null);

  useEffect(() => {
    if (!answer || !revealed || saved.current.has(answer)) return;
    saved.current.add(answer);
    add({
      id: uuid(),
      ...(own ? {} : { player: player.id }),
      seed: scene.seed,
      level: scene.level,
      answered_at: new Date().toISOString(),
      shows: cardsOf(scene),
      answer,
      right: revealed.right,
      lost: Math.round(revealed.lost * 1000) / 1000,
    });
    next.current?.focus();
  }, [answer, revealed, player, own, scene, add]);

  const goOn = (): void => {
    setAnswer(null);
    setDone(done + 1);
    if (done + 1 >= scenes) return;
    setScene(
      round
        ? round[done + 1]!
        : nextScene(results, new Date().toISOString(), seed + results.length * ROUND * ROUND),
    );
  };
  return (
    <>
      <TopBar room="Practice" />
      <main className="mx-auto w-full max-w-[80rem] grow px-6 py-4 max-sm:px-3">
        <header className="flex flex-wrap items-baseline gap-3">
          <h1 className="text-3xl">{t('Read it and call it')}</h1>
          <p className="mr-auto">
            {t('{player} · scene {min} of {scenes}, level {level}', {
              player: player.name,
              min: Math.min(scenes, done + 1),
              scenes,
              level: scene.level,
            })}
          </p>
          {!assists && <PracticeNav part="The eye" />}
        </header>
        {fault && (
          <Alert className="mt-2">
            {t('Not saved: {fault}', { fault })}{' '}
            <button type="button" className="min-h-11 underline" onClick={sendAgain}>
              {t('Save again')}
            </button>
          </Alert>
        )}
        {done >= scenes ? (
          <Summary results={results.slice(before.length)} all={results}>
            {/* A whole load: the next round begins with what this one taught. */}
            <a
              href={own ? '/practice/own-eye' : `/practice/eye/${encodeURIComponent(player.id)}`}
              className="button-main"
            >
              {t('Another round')}
            </a>
            {!assists && (
              <Link prefetch={false} href="/practice/eye" className="button">
                {t('Another trainee')}
              </Link>
            )}
          </Summary>
        ) : (
          <div className="mt-3 grid grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] gap-8 max-lg:grid-cols-1">
            <SceneDrawing scene={scene} handed={player.handed} />
            {answer === null ? (
              <SceneForm
                key={`${scene.seed}/${scene.level}`}
                clubs={player.bag.map(({ name }) => name)}
                onAnswer={setAnswer}
              />
            ) : (
              <div className="space-y-3">
                {(revealed || none || failed) && (
                  <button ref={next} type="button" onClick={goOn} className="button-main w-full">
                    {done + 1 >= scenes ? t('See how the round went') : t('Next scene')}
                  </button>
                )}
                {revealed ? (
                  <SceneAnswer player={player} scene={scene} answer={answer} revealed={revealed} />
                ) : (
                  <p role={failed ? 'alert' : 'status'} className="py-4 text-lg">
                    {failed ??
                      (none
                        ? t('No shot at the flag gets out from here: playing sideways is right.')
                        : t('Working it out …'))}
                  </p>
                )}
              </div>
            )}
          </div>
        )}
      </main>
    </>
  );
}

/** How a round went, and what is believed of the trainee after all of them. */
function Summary({
  results,
  all,
  children,
}: {
  results: readonly SceneResult[];
  all: readonly SceneResult[];
  /** Where it goes on. */
  children: ReactNode;
}) {
  const abilities = abilitiesOf(all);
  const weak = weakest(abilities);
  const lost =
    results.reduce((sum, result) => sum + Math.max(0, result.lost), 0) /
    Math.max(1, results.length);
  return (
    <section aria-labelledby="round" className="mt-4 max-w-3xl">
      <h2 id="round" className="text-2xl" aria-live="polite">
        {t('The round: {lost} strokes lost a ball', { lost: lost.toFixed(2) })}
      </h2>
      {all.length >= FEWEST_SCENES && (
        <p className="mt-1 text-lg">
          {weak
            ? t('Work most on the {weakest}: it comes back first.', {
                weakest: TOPIC_WORDS[weak],
              })
            : t('No topic is clearly the weakest yet.')}
        </p>
      )}
      <table className="mt-3 w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-hairline">
            <td />
            <th scope="col" className="py-1 pr-3">
              {t('right in this round')}
            </th>
            <th scope="col">{t('after {scenes}', { scenes: counted(all.length, 'scene') })}</th>
          </tr>
        </thead>
        <tbody>
          {TOPICS.map((topic) => (
            <tr key={topic} className="border-b border-hairline">
              <th scope="row" className="py-1 pr-3 font-normal">
                {TOPIC_WORDS[topic]}
              </th>
              <td className="pr-3">
                {t('{length} of {results}', {
                  length: results.filter(({ right }) => right[topic] === 1).length,
                  results: results.length,
                })}
              </td>
              <td>{abilityWords(abilities[topic])}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-4 flex flex-wrap gap-3">{children}</p>
    </section>
  );
}
