import { Studio } from '@/app/Studio';

export const dynamic = 'force-dynamic';

export default function Page() {
  return <Studio />;
}
