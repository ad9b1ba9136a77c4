import { TooManyAtOnce } from '@/data/access/passphrase';
import { refuse, withFaults } from './respond';

/** Answers 503 where too many passphrases are worked on; else as {@link withFaults}. */
export const withAccounts = (work: () => Promise<Response>): Promise<Response> =>
  withFaults(async () => {
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof TooManyAtOnce)) throw error;
      return refuse(503, [{ path: 'passphrase', message: error.message }]);
    }
  });
