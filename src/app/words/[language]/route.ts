import { languageFrom } from '@/core/tell/language/language';
import { scriptOf } from '../../language';
import { notFound } from '../../api/respond';

/** A script with which a page speaks another language than English; the same for everybody. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ language: string }> },
): Promise<Response> {
  const language = languageFrom((await params).language);
  if (language === null) return notFound();
  return new Response(scriptOf(language), {
    headers: {
      'content-type': 'text/javascript; charset=utf-8',
      'cache-control': 'public, max-age=31536000, immutable',
    },
  });
}
