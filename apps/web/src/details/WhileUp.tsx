'use client';

import { settled, type Screen, type Trail } from '@tavu/core/model';
import { LoadingPanel } from '../animation';
import { DurationField } from '../motion';
import { useStudio } from '../store';
import { Group, Row, SelectRow, ThingRow } from '../ui';

/** What a base or an overlay does to the game and to the trail while it is up, and what it plays. */
export function WhileUp({ screen, put }: { screen: Screen; put: (change: Partial<Screen>) => void }) {
  const conversations = useStudio((studio) => studio.project.conversations);
  const flags = settled(screen);
  return (
    <Group title="While it is up">
      <div className="divide-y divide-line border-y border-line">
        <SelectRow
          label="Game clock"
          value={flags.freezes ? 'yes' : 'no'}
          options={[
            ['yes', 'frozen'],
            ['no', 'runs'],
          ]}
          onChange={(freezes: string) => put({ freezes: freezes === 'yes' })}
        />
        <SelectRow
          label="Game input"
          value={flags.blocks ? 'yes' : 'no'}
          options={[
            ['yes', 'blocked'],
            ['no', 'passed on'],
          ]}
          onChange={(blocks: string) => put({ blocks: blocks === 'yes' })}
        />
        {screen.layer === 'overlay' && (
          <SelectRow
            label="Presses beneath"
            value={flags.modal ? 'modal' : 'through'}
            options={[
              ['modal', 'blocked'],
              ['through', 'passed through'],
            ]}
            onChange={(modal: string) => put({ modal: modal === 'modal' })}
          />
        )}
        {screen.layer === 'base' && (
          <SelectRow
            label="Trail"
            value={flags.trail}
            options={[
              ['keeps', 'kept'],
              ['skipped', 'skipped'],
              ['afresh', 'clears the trail'],
            ]}
            onChange={(trail: Trail) => put({ trail })}
          />
        )}
        <Row label="Min time">
          <DurationField
            label="Min time"
            hidden
            optional
            placeholder="none"
            value={screen.minTime}
            onChange={(minTime) => put({ minTime })}
            className="w-24"
          />
        </Row>
        {(screen.kind === 'dialogue' || screen.says !== undefined) && (
          <ThingRow
            label="Conversation"
            value={screen.says}
            none="none"
            things={conversations ?? []}
            onChange={(says) => put({ says })}
          />
        )}
        <LoadingPanel screen={screen} />
      </div>
    </Group>
  );
}
