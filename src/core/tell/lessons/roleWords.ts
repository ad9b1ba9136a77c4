import { told } from '@/core/tell/language/told';
import { type Role } from '@/core/lesson/coaches/account';

/** What each role may do, in a sentence. */
export const ROLE_WORDS: Record<Role, { name: string; may: string }> = told({
  'head-coach': { name: 'head coach', may: 'sees and does everything' },
  coach: { name: 'coach', may: 'sees their own players, and players no coach has been given' },
  assistant: { name: 'assistant', may: 'runs the open lessons and logs their balls' },
});
