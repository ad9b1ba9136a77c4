import { admission } from '@/app/admission';
import { askedBy } from '@/app/viewer';

type Handler<C> = (request: Request, context: C) => Promise<Response>;

/** A route that stands behind the entrance by itself, where the proxy does not stand before it. */
export const admitting =
  <C>(answer: Handler<C>) =>
  async (request: Request, context: C): Promise<Response> => {
    const admitted = await admission(request);
    if (admitted instanceof Response) return admitted;
    const response = await askedBy.run({ who: admitted.who }, () => answer(request, context));
    for (const [name, value] of Object.entries(admitted.said)) response.headers.set(name, value);
    return response;
  };
