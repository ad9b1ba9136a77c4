import { fact } from '@/core/ground/fact/fact';
import { accountAsking, data, pairingFor } from '@/app/data';
import { asksSignIn, isOwnMachine } from '@/app/entrance';
import { addressesHere } from '@/app/addressesHere';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import type { IdContext } from '../../../idContext';
import { notFound, refuse, withJson } from '../../../respond';

export const dynamic = 'force-dynamic';

/**
 * Makes a word that brings a phone to the lesson, with the addresses by which the phone may reach this server; none where it serves this
 * machine alone. The body is an empty object.
 */
export const POST = (request: Request, { params }: IdContext): Promise<Response> =>
  withJson(request, async () => {
    const { id } = await params;
    const { sql } = await data();
    const lesson = isId(id) ? await lessonById(sql, id) : null;
    if (!lesson) return notFound();
    if (lesson.closed) {
      const message = fact('request.noLessonPhone');
      return refuse(409, [{ path: 'lesson', message }]);
    }
    const host = process.env.MELLOW_HOST || undefined;
    const account = await accountAsking();
    if (!asksSignIn(process.env) || account === null) return Response.json({ addresses: [] });
    const made = await pairingFor(id, account);
    const own = new URL(request.url);
    const said = request.headers.get('host') ?? own.host;
    const isSecure =
      own.protocol === 'https:' || request.headers.get('x-forwarded-proto') === 'https';
    const scheme = isSecure ? 'https' : 'http';
    const addresses = isOwnMachine(host)
      ? [`${scheme}://${said}`]
      : addressesHere(scheme, said, host);
    return Response.json({ ...made, addresses }, { status: 201 });
  });
