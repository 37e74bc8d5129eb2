'use client';

import { linksFrom, readName, titleCase, type Element, type Screen } from '@tavu/core/model';
import { actionKeys } from '@tavu/core/words';
import { choose, edit, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Button } from '../ui/parts';
import { AxisFields } from './AxisFields';
import { ElementLook } from './ElementLook';
import { Row, Select } from '../ui/Row';
import { Sentence } from './Sentence';

/** An element's words, place and look. */
export function ElementPanel({ screen, element }: { screen: Screen; element: Element }) {
  const project = useStudio((studio) => studio.project);
  const flow = useStudio((studio) => studio.flow);
  const put = (change: Partial<Element>, key?: string): void =>
    void edit('change element', { screen: screen.id, element: element.id, change }, { key });
  const others = screen.elements.filter((each) => each.id !== element.id).map((each) => each.name);
  const layout = flow.screens.get(screen.id)!.layout;
  const room = (element.parent && layout.get(element.parent)) || project.design;
  const pictures = project.assets.filter((asset) => asset.media.startsWith('image/'));
  const told = (screen.parameters ?? []).filter((each) => each.type === 'picture');
  const links = linksFrom(project, screen.id).filter(
    (link) => link.cue.on === 'press' && link.cue.element === element.id,
  );
  return (
    <>
      <section aria-label="Element" className="space-y-2">
        <Field
          label="Name"
          value={element.name}
          read={(text) => readName(text, others)}
          onChange={(name) => put({ name })}
        />
        {'text' in element && (
          <Words text={element.text} onChange={(text) => put({ text }, `text ${element.id}`)} />
        )}
        {element.type === 'picture' && (
          <div className="flex items-center justify-between">
            <span className="text-soft">Picture</span>
            <Select
              label="Picture"
              value={element.asset ?? ''}
              options={[
                ['', 'none yet'],
                ...pictures.map((asset): [string, string] => [asset.id, asset.name]),
              ]}
              onChange={(id: string) => put({ asset: id === '' ? null : id })}
            />
          </div>
        )}
        {element.type === 'picture' && told.length > 0 && (
          <Row label="Or what it is told">
            <Select
              label="Or what it is told"
              value={element.from ?? ''}
              options={[['', 'no'], ...told.map((each): [string, string] => [each.id, each.name])]}
              onChange={(from: string) => put({ from: from === '' ? undefined : from })}
            />
          </Row>
        )}
        {element.type === 'button' && (
          <Row label="Shortcut">
            <Select
              label="Shortcut"
              value={element.shortcut ?? ''}
              options={[
                ['', 'none'],
                ...project.actions.map((each): [string, string] => [
                  each.id,
                  `${titleCase(each.name)} (${actionKeys(each)})`,
                ]),
              ]}
              onChange={(shortcut: string) => put({ shortcut: shortcut === '' ? undefined : shortcut })}
            />
          </Row>
        )}
      </section>
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
      <section aria-label="Place" className="space-y-2">
        <h3 className="font-bold">Place</h3>
        <AxisFields
          names={['Left', 'Right', 'Width']}
          axis={element.place.x}
          room={room.width}
          onChange={(x) => put({ place: { ...element.place, x } })}
        />
        <AxisFields
          names={['Top', 'Bottom', 'Height']}
          axis={element.place.y}
          room={room.height}
          onChange={(y) => put({ place: { ...element.place, y } })}
        />
      </section>
      <ElementLook element={element} put={put} />
      <Button
        look="danger"
        onClick={() => {
          edit('delete elements', { screen: screen.id, elements: [element.id] });
          choose({ element: null });
        }}
      >
        Take it off the screen
      </Button>
    </>
  );
}

function Words({ text, onChange }: { text: string; onChange: (text: string) => void }) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-sm text-soft">Words on it</span>
      <textarea
        value={text}
        maxLength={10_000}
        rows={Math.min(6, text.split('\n').length + Math.floor(text.length / 36))}
        className="w-full resize-y rounded border border-line bg-sheet px-1.5 py-1"
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
