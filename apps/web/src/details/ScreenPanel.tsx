'use client';

import { findingsOfScreen } from '@tavu/core/check';
import { Findings, Field, Button, Group, Sheet, Row, SelectRow } from '../ui';
import { componentById } from '@tavu/core/component';
import { KIND_NAMES, readName, titleCase, type Kind, type Layer, type Screen } from '@tavu/core/model';
import { ruleAround } from '@tavu/core/motion';
import { motionWords, ruleWords } from '@tavu/core/words';

import { edit, useStudio } from '../store';
import { OwnMotion } from '../motion';
import { Notes } from '../notes';
import { BackgroundPanel } from './BackgroundPanel';
import { Contents } from './element/Contents';
import { AreaSelect } from './AreaSelect';
import { FocusPanel } from './FocusPanel';
import { NoticePanel } from './NoticePanel';
import { StatusRow } from './StatusRow';
import { MusicPanel } from './MusicPanel';
import { ShownWhen, Takes } from './Takes';
import { WhileUp } from './WhileUp';

/** What a screen is, and what it holds. */
export function ScreenPanel({ screen }: { screen: Screen }) {
  const project = useStudio((studio) => studio.project);
  const rule = ruleAround(project, screen.area ?? null, screen.layer);
  const put = (change: Partial<Screen>): void => void edit('change screen', { screen: screen.id, change });
  const others = project.screens.filter((other) => other.id !== screen.id).map((item) => item.name);
  const stands = screen.layer === 'base' || screen.layer === 'overlay';
  return (
    <>
      <Group title="This screen">
        <Field
          label="Name"
          value={screen.name}
          read={(text) => readName(text, others)}
          onChange={(name) => edit('rename screen', { screen: screen.id, name })}
        />
        <div className="divide-y divide-line border-y border-line">
          <StatusRow screens={[screen]} />
          <SelectRow
            label="Kind"
            value={screen.kind}
            options={KIND_NAMES.map((kind) => [kind, titleCase(kind)])}
            onChange={(kind: Kind) => put({ kind })}
          />
          <SelectRow
            label="Layer"
            value={screen.layer}
            options={[
              ['base', 'Base'],
              ['overlay', 'Overlay'],
              ['notice', 'Notice'],
              ['hud', 'HUD'],
            ]}
            onChange={(layer: Layer) => put({ layer })}
          />
          <Row label="Area">
            <AreaSelect screens={[screen.id]} area={screen.area ?? null} />
          </Row>
          {screen.layer === 'notice' && <NoticePanel screen={screen} put={put} />}
          {screen.layer === 'hud' && <ShownWhen screen={screen} />}
          <Row label="Motion">
            <Sheet
              label="Motion of this screen"
              trigger={
                <button type="button" className="blank">
                  {screen.motion ? motionWords(project, screen.motion) : ruleWords(rule)}
                </button>
              }
            >
              <OwnMotion motion={screen.motion} rule={rule} onChange={(motion) => put({ motion })} />
            </Sheet>
          </Row>
        </div>
        {screen.layer === 'base' && project.start !== screen.id && (
          <Button onClick={() => edit('change start', { screen: screen.id })}>Start the game here</Button>
        )}
        <Findings
          of={findingsOfScreen(project, screen)}
          leading={({ where }) => {
            const component = where.source !== screen.id && componentById(project, where.source);
            return component ? `${component.name}: ` : '';
          }}
        />
      </Group>
      <Contents screen={screen} />
      <BackgroundPanel screen={screen} />
      {stands && <WhileUp screen={screen} put={put} />}
      {stands && <FocusPanel screen={screen} />}
      {screen.layer === 'base' && <MusicPanel screen={screen} put={put} />}
      <Takes key={screen.id} screen={screen} />
      <Group title="Notes" unfolded={screen.notes !== undefined}>
        <Notes notes={screen.notes} on={screen.name} put={(notes) => put({ notes })} />
      </Group>
    </>
  );
}
