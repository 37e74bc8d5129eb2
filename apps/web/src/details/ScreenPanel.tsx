'use client';

import { findingsOfScreen } from '@tavu/core/check';
import { Findings, Field, Button, Sheet, Row, SelectRow, ThingRow } from '../ui';
import { componentById } from '@tavu/core/component';
import { isUsed } from '@tavu/core/focus';
import {
  KIND_NAMES,
  readName,
  settled,
  titleCase,
  type Kind,
  type Layer,
  type Screen,
  type Trail,
} from '@tavu/core/model';
import { ruleAround } from '@tavu/core/motion';
import { motionWords, ruleWords } from '@tavu/core/words';

import { edit, useStudio } from '../store';
import { useSoundAssets } from '../assets';
import { DurationField, OwnMotion } from '../motion';
import { BackgroundPanel } from './BackgroundPanel';
import { Contents } from './element/Contents';
import { AreaSelect } from './AreaSelect';
import { FocusPanel } from './FocusPanel';
import { LoadingPanel } from '../animation';
import { NoticePanel } from './NoticePanel';
import { ShownWhen, Takes } from './Takes';

/** What a screen is, and what it holds. */
export function ScreenPanel({ screen }: { screen: Screen }) {
  const project = useStudio((studio) => studio.project);
  const flags = settled(screen);
  const rule = ruleAround(project, screen.area ?? null, screen.layer);
  const put = (change: Partial<Screen>): void => void edit('change screen', { screen: screen.id, change });
  const others = project.screens.filter((other) => other.id !== screen.id).map((item) => item.name);
  const compiled = useStudio((studio) => studio.flow.screens.get(screen.id));
  const focusable = compiled?.elements.filter(isUsed) ?? [];
  const sounds = useSoundAssets();
  const stands = screen.layer === 'base' || screen.layer === 'overlay';
  return (
    <>
      <section aria-label="This screen">
        <h3 className="mb-1 font-bold">This {screen.layer === 'notice' ? 'message' : 'screen'}</h3>
        <Field
          label="Name"
          value={screen.name}
          read={(text) => readName(text, others)}
          onChange={(name) => edit('rename screen', { screen: screen.id, name })}
          className="mb-2"
        />
        <div className="divide-y divide-line border-y border-line">
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
          {stands && (
            <>
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
            </>
          )}
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
          {stands && focusable.length > 0 && (
            <ThingRow
              label="First focus"
              value={screen.firstFocus}
              none="first in reading order"
              things={focusable}
              onChange={(firstFocus) => put({ firstFocus })}
            />
          )}
          {stands && (
            <Row label="Min time">
              <DurationField
                label="Min time"
                hidden
                optional
                placeholder="none"
                value={screen.minTime}
                onChange={(minTime) => put({ minTime })}
                className="w-32"
              />
            </Row>
          )}
          {screen.layer === 'base' && (
            <ThingRow
              label="Music"
              value={screen.music}
              none="its area’s, if any"
              things={[...sounds, { id: 'none', name: 'silence' }]}
              onChange={(music) => put({ music })}
            />
          )}
          {screen.layer === 'base' && sounds.length > 0 && (
            <Row label="Music crossfade">
              <DurationField
                label="Music crossfade"
                hidden
                optional
                placeholder={project.sound?.fade ?? 'at once'}
                value={screen.musicFade}
                onChange={(musicFade) => put({ musicFade })}
                className="w-32"
              />
            </Row>
          )}
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
        {(screen.kind === 'dialogue' || screen.says !== undefined) && (
          <ThingRow
            label="Conversation"
            value={screen.says}
            none="none"
            things={project.conversations ?? []}
            onChange={(says) => put({ says })}
          />
        )}
        {stands && <FocusPanel screen={screen} />}
        {stands && <LoadingPanel screen={screen} />}
        {screen.layer === 'base' && project.start !== screen.id && (
          <Button className="mt-2" onClick={() => edit('change start', { screen: screen.id })}>
            Start the game here
          </Button>
        )}
        <div className="mt-1 space-y-1">
          <Findings
            of={findingsOfScreen(project, screen)}
            leading={({ where }) => {
              const component = where.source !== screen.id && componentById(project, where.source);
              return component ? `${component.name}: ` : '';
            }}
          />
        </div>
      </section>
      <Takes key={screen.id} screen={screen} />
      <BackgroundPanel screen={screen} />
      <Contents screen={screen} />
    </>
  );
}
