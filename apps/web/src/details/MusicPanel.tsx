'use client';

import type { Screen } from '@tavu/core/model';
import { useSoundAssets } from '../assets';
import { DurationField } from '../motion';
import { useStudio } from '../store';
import { Group, Row, ThingRow } from '../ui';

/** What plays, over and over, while a base is up. */
export function MusicPanel({ screen, put }: { screen: Screen; put: (change: Partial<Screen>) => void }) {
  const usual = useStudio((studio) => studio.project.sound?.fade);
  const sounds = useSoundAssets();
  return (
    <Group title="Music">
      <div className="divide-y divide-line border-y border-line">
        <ThingRow
          label="Music"
          value={screen.music}
          none="its area’s, if any"
          things={[...sounds, { id: 'none', name: 'silence' }]}
          onChange={(music) => put({ music })}
        />
        {sounds.length > 0 && (
          <Row label="Music crossfade">
            <DurationField
              label="Music crossfade"
              hidden
              optional
              placeholder={usual ?? 'at once'}
              value={screen.musicFade}
              onChange={(musicFade) => put({ musicFade })}
              className="w-24"
            />
          </Row>
        )}
      </div>
    </Group>
  );
}
