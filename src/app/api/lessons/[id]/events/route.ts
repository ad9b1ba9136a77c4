import { fact } from '@/core/ground/fact/fact';
import { accountAsking, data, followed } from '@/app/data';
import { isId } from '@/data/id';
import { admitting } from '../../../admitting';
import { lessonById } from '@/data/lessons';
import { wholeNumber } from '../../../wholeNumber';
import type { IdContext } from '../../../idContext';
import { notFound, refuse, withFaults } from '../../../respond';

export const dynamic = 'force-dynamic';

/** Lines that are open at a time, in all and of one account; and for how long one is, ms: whoever watches asks anew, and is looked at anew. */
const MOST_LINES = 400;
const MOST_OF_ONE = 40;
const LINE_MS = 5 * 60_000;

/** A word now and then keeps a line from being taken for dead, ms. */
const BEAT_MS = 20_000;

/** The account of each line that is open, or is being opened. */
const lines: (string | null)[] = [];

/** Takes a place for a line, and gives back how it is left, once; null where there are too many. */
function placeFor(account: string | null): (() => void) | null {
  const own = account === null ? 0 : lines.filter((each) => each === account).length;
  if (lines.length >= MOST_LINES || own >= MOST_OF_ONE) return null;
  lines.push(account);
  return () => void lines.splice(lines.indexOf(account), 1);
}

/** The number after which a line goes on: what the browser heard last, else what its page came with. */
function knownIn(request: Request): number {
  const heard = request.headers.get('last-event-id') ?? '';
  if (/^\d{1,15}$/.test(heard)) return Number(heard);
  return wholeNumber(new URL(request.url).searchParams, 'touched_after') ?? 0;
}

/**
 * Brings as server-sent events the balls of a lesson that were touched after `touched_after`, by any device or tracker: those of now at
 * once, the others as they come, until whoever asks is signed out. Each event is numbered by its last ball's `touched`; a line that is taken up again goes on from there.
 */
export const GET = admitting((request, { params }: IdContext) =>
  withFaults(async () => {
    // Counted before anything else is asked: four hundred that come at once cost no more than those that are let in.
    const leave = placeFor(await accountAsking());
    if (!leave) {
      return refuse(503, [{ path: 'server', message: fact('request.mostDevices') }]);
    }
    let stands = false;
    try {
      const { id } = await params;
      const { sql } = await data();
      if (!isId(id) || !(await lessonById(sql, id))) return notFound();
      const events = touchesOf(id, knownIn(request), request.signal, leave);
      stands = true;
      return new Response(events, {
        headers: {
          'content-type': 'text/event-stream; charset=utf-8',
          'cache-control': 'no-store, no-transform',
          'x-accel-buffering': 'no',
        },
      });
    } finally {
      if (!stands) leave();
    }
  }),
);

function touchesOf(
  lesson: string,
  after: number,
  signal: AbortSignal,
  leave: () => void,
): ReadableStream<Uint8Array> {
  const text = new TextEncoder();
  // Whoever leaves before the line stands has left all the same.
  let gone = false;
  let end = (): void => void (gone = true);
  return new ReadableStream({
    async start(controller) {
      const say = (line: string): void => controller.enqueue(text.encode(line));
      say('retry: 1000\n\n');
      let stop: () => void;
      try {
        stop = await followed(
          lesson,
          after,
          (balls) => say(`id: ${balls.at(-1)!.touched}\ndata: ${JSON.stringify(balls)}\n\n`),
          () => end(),
        );
      } catch (error) {
        leave();
        throw error;
      }
      const beat = setInterval(() => say(': still here\n\n'), BEAT_MS);
      const over = setTimeout(() => end(), LINE_MS);
      let open = true;
      end = () => {
        if (!open) return;
        open = false;
        leave();
        clearInterval(beat);
        clearTimeout(over);
        stop();
        try {
          controller.close();
        } catch {
          // The browser closed it first.
        }
      };
      signal.addEventListener('abort', end);
      if (gone || signal.aborted) end();
    },
    cancel: () => end(),
  });
}
