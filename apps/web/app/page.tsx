import { Studio } from '@/studio/Studio';

export const dynamic = 'force-dynamic';

export default function Page() {
  return <Studio />;
}
