import { asking, NotSignedIn } from '@/app/data';

/** Whose own the link opens. @throws NotSignedIn where no link opens anything */
export async function ownPlayer(): Promise<string> {
  const who = await asking();
  if (who?.role !== 'player') throw new NotSignedIn();
  return who.player;
}
