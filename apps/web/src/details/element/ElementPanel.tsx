'use client';

import { elementOf } from '@tavu/core/triggers';
import { Findings, Field, Group, Button, IconButton } from '../../ui';
import { writtenAt } from '@tavu/core/component';
import type { CompiledScreen, Flow } from '@tavu/core/compile';
import { linksFrom, readName, type Element, type Id, type Screen } from '@tavu/core/model';
import { labelOf } from '@tavu/core/elements/author';
import { Eye, EyeOff, Lock, LockOpen, Trash2, TriangleAlert } from 'lucide-react';

import { flag, useDrawnFindings } from '../../canvas';
import { choose, edit, useStudio } from '../../store';
import { Sentence, whenPressed } from '../../sentences';
import { putOn } from '../../fields';
import { ContentsList } from './Contents';
import { Inside } from './Inside';
import { LookPanel } from './LookPanel';
import { NearSiblings } from './NearSiblings';
import { PlacePanel } from './PlacePanel';
import { RoleRow } from './RoleRow';
import { MakeComponent } from './SeveralElements';
import { settingsOf } from '../../elements';
import { Behaviour, SettingsPanel } from './SettingsPanel';
import { ElementWays } from '../FocusPanel';
import { Notes } from '../../notes';
import { Animations } from '../../animation';
import { WhenPanel } from './WhenPanel';

/** Whether something to be read or pressed lies nearer to the edge of the frame than the safe margin. */
function crossesMargin(flow: Flow, compiled: CompiledScreen, element: Element): boolean {
  const rect = compiled.layout.get(element.id);
  const { width, height } = flow.frame;
  const share = flow.project.design.margin / 100;
  if (!rect || !('text' in element)) return false;
  return (
    rect.x < width * share ||
    rect.y < height * share ||
    rect.x + rect.width > width * (1 - share) ||
    rect.y + rect.height > height * (1 - share)
  );
}

/**
 * A button or touch zone that no link waits for, and that has no use of its own, as the choices of a dialogue have and what
 * stands for actions.
 */
const leadsNowhere = ({ links, talkParts }: CompiledScreen, element: Element): boolean =>
  (element.type === 'button' || element.type === 'touch') &&
  element.acts === undefined &&
  !('swipes' in element && element.swipes) &&
  !links.searched.press.has(element.id) &&
  !talkParts.options.includes(element.id);

/** An element's words, settings, place and look. `path` leads to it through placed components. */
export function ElementPanel({ screen, path }: { screen: Screen; path: Id }) {
  const project = useStudio((studio) => studio.project);
  const flow = useStudio((studio) => studio.flow);
  const compiled = flow.screens.get(screen.id);
  const element = compiled?.byId.get(path);
  const found = useDrawnFindings(flow, compiled);
  if (!compiled || !element) return null;
  const written = writtenAt(project, screen, path);
  if (!written) return null;
  const put = putOn(screen.id, path);
  const inside = path.includes('/');
  const siblings = compiled.elements.filter(
    (other) => other.id !== path && other.id.split('/').length === path.split('/').length,
  );
  const links = linksFrom(project, screen.id).filter(({ trigger }) => elementOf(trigger) === path);
  const over = found.filter(({ where }) => where.element === path);
  const { hidden, locked } = element.editing ?? {};
  const { Beneath } = settingsOf(element);
  return (
    <>
      <Group title={`All of ${screen.name}`} unfolded={false}>
        <ContentsList screen={screen} />
      </Group>
      {inside && <Inside screen={screen} path={path} />}
      <section aria-label="Element" className="space-y-2">
        <div className="flex items-end gap-1">
          <Field
            label={`Name of this ${labelOf(element.type).toLowerCase()}`}
            value={element.name}
            className="min-w-0 flex-1"
            read={(text) =>
              readName(
                text,
                siblings.map((sibling) => sibling.name),
              )
            }
            onChange={(name) => put({ name })}
          />
          <IconButton
            name={hidden ? 'Show it while editing' : 'Hide it while editing; a run is not changed'}
            keys="Shift H"
            aria-pressed={hidden ?? false}
            onClick={() => flag(compiled, [{ path, element }], 'hidden')}
          >
            {hidden ? <EyeOff size={15} /> : <Eye size={15} />}
          </IconButton>
          <IconButton
            name={locked ? 'Let it be chosen with the pointer' : 'Lock it against the pointer'}
            keys="Shift L"
            aria-pressed={locked ?? false}
            onClick={() => flag(compiled, [{ path, element }], 'locked')}
          >
            {locked ? <Lock size={15} /> : <LockOpen size={15} />}
          </IconButton>
        </div>
        <Findings of={over} />
        {crossesMargin(flow, compiled, element) && (
          <p className="flex items-start gap-1 text-sm text-warn" role="note">
            <TriangleAlert size={13} aria-hidden="true" className="mt-0.5 shrink-0" /> It crosses the safe
            margin of {project.design.margin} %: some displays cut what lies there.
          </p>
        )}
        <SettingsPanel screen={screen} path={path} written={written} put={put} />
      </section>
      <RoleRow screen={screen} element={element} put={put} />
      {Beneath && <Beneath screen={screen} element={element} path={path} />}
      {leadsNowhere(compiled, element) && (
        <section aria-label="What pressing it does">
          <p className="mb-1 text-sm text-soft">It leads nowhere yet.</p>
          <Button onClick={() => whenPressed(screen.id, path)}>When it is pressed …</Button>
        </section>
      )}
      {links.length > 0 && (
        <section aria-label="What pressing it does">
          <h3 className="mb-1 font-bold">Pressing it</h3>
          <ol>
            {links.map((link) => (
              <li key={link.id}>
                <Sentence link={link} handle={null} />
              </li>
            ))}
          </ol>
        </section>
      )}
      <PlacePanel compiled={compiled} path={path} element={element} put={put} />
      <NearSiblings screen={screen} path={path} />
      <LookPanel element={element} put={put} />
      <Animations element={element} put={put} />
      <Group title="Visibility and use">
        <WhenPanel written={written} put={put} />
        <Behaviour screen={screen} path={path} written={written} put={put} />
      </Group>
      <ElementWays screen={screen} path={path} />
      <Group title="Notes" unfolded={element.notes !== undefined}>
        <Notes
          notes={element.notes}
          on={element.name}
          put={(notes) =>
            // A note is on the part itself, wherever it is placed.
            edit('change element', { screen: screen.id, element: path, change: { notes }, here: false })
          }
        />
      </Group>
      {!inside && (
        <div className="flex flex-wrap gap-1">
          {element.type !== 'component' && <MakeComponent screen={screen} elements={[path]} />}
          <Button
            look="danger"
            onClick={() => {
              edit('delete elements', { screen: screen.id, elements: [path] });
              choose({ element: null });
            }}
          >
            <Trash2 size={13} aria-hidden="true" /> Delete this element
          </Button>
        </div>
      )}
    </>
  );
}
