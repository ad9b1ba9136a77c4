import { data, watched } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import type { IdContext } from '../../../idContext';
import { notFound, refuse, withFaults } from '../../../respond';

export const dynamic = 'force-dynamic';

/** Lines that are open at a time; and for how long one is, ms: whoever watches asks anew, and is looked at anew. */
const MOST_LINES = 400;
const LINE_MS = 5 * 60_000;

/** A word now and then keeps a line from being taken for dead, ms. */
const BEAT_MS = 20_000;

let lines = 0;

/**
 * Says as server-sent events that balls of a lesson were touched, by any device or tracker; which, is asked for with `touched_after`. The
 * first word comes at once.
 */
export function GET(request: Request, { params }: IdContext): Promise<Response> {
  return withFaults(async () => {
    const { id } = await params;
    const { sql } = await data();
    if (!isId(id) || !(await lessonById(sql, id))) return notFound();
    if (lines >= MOST_LINES) {
      return refuse(503, [{ path: 'server', message: 'too many are watching at this moment' }]);
    }
    return new Response(touchesOf(id, request.signal), {
      headers: {
        'content-type': 'text/event-stream; charset=utf-8',
        'cache-control': 'no-store, no-transform',
        'x-accel-buffering': 'no',
      },
    });
  });
}

function touchesOf(lesson: string, signal: AbortSignal): ReadableStream<Uint8Array> {
  const text = new TextEncoder();
  let end = (): void => undefined;
  return new ReadableStream({
    async start(controller) {
      const say = (line: string): void => controller.enqueue(text.encode(line));
      const stop = await watched(lesson, () => say('data: touched\n\n'));
      lines += 1;
      const beat = setInterval(() => say(': still here\n\n'), BEAT_MS);
      const over = setTimeout(() => end(), LINE_MS);
      let open = true;
      end = () => {
        if (!open) return;
        open = false;
        lines -= 1;
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
      if (signal.aborted) return end();
      say('retry: 1000\ndata: touched\n\n');
    },
    cancel: () => end(),
  });
}
