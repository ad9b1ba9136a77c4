import { GET as practiceSheet } from '../../../../practice/[id]/pdf/route';

export const dynamic = 'force-dynamic';

/** The player's own practice as a sheet; that of another is not there for the link. */
export const GET = (
  request: Request,
  context: { params: Promise<{ token: string; id: string }> },
): Promise<Response> => practiceSheet(request, context);
