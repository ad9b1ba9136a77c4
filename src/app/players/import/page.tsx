import { ImportPage } from '@/ui/players/ImportPage';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Import players · Mellow Divot' };

export default function Page() {
  return <ImportPage />;
}
