'use client';

import { useState } from 'react';
import { Rescue } from '@/app/Rescue';

/** Shown when the window itself fails: what is open is as it was, and every way out is still there. */
export default function WindowFault({ error, reset }: { error: Error; reset: () => void }) {
  const [tried, setTried] = useState(0);
  return (
    <Rescue
      key={tried}
      message={error.message}
      again={() => {
        setTried(tried + 1);
        reset();
      }}
    />
  );
}
