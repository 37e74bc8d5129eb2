'use client';

import { areasAround, readName, screensIn, type Area, isSound } from '@tavu/core/model';
import { ruleAround } from '@tavu/core/motion';
import { motionWords, ruleWords } from '@tavu/core/words';
import { Trash2 } from 'lucide-react';
import { choose, edit, useStudio } from '../store';
import { Field, Button, Sheet, Row, SelectRow, ThingRow } from '../ui';
import { OwnMotion } from '../motion';
import { SentenceList } from '../sentences';

/**
 * What holds for all the screens of an area: its sentences, its clock, its motion, its music, what is up beside them.
 */
export function AreaPanel({ area }: { area: Area }) {
  const project = useStudio((studio) => studio.project);
  const rule = ruleAround(project, area.parent);
  const put = (change: Partial<Area>): void => void edit('change area', { area: area.id, change });
  const others = project.areas.filter((other) => other !== area);
  const held = screensIn(project, area.id);
  const sounds = project.assets.filter(isSound);
  const names = (layer: string) => held.filter((screen) => screen.layer === layer);
  return (
    <>
      <SentenceList source={area.id} />
      <section aria-label="This area">
        <h3 className="mb-1 font-bold">This area</h3>
        <Field
          label="Name"
          value={area.name}
          className="mb-2"
          read={(text) =>
            readName(
              text,
              others.map((other) => other.name),
            )
          }
          onChange={(name) => put({ name })}
        />
        <div className="divide-y divide-line border-y border-line">
          <ThingRow
            label="Parent"
            value={area.parent}
            none="no other"
            things={others.filter((other) => !areasAround(project, other.id).includes(area.id))}
            onChange={(id) => put({ parent: id ?? null })}
          />
          <SelectRow
            label="Game clock"
            value={area.freezes === undefined ? '' : area.freezes ? 'yes' : 'no'}
            options={[
              ['', 'set by each screen'],
              ['yes', 'frozen'],
              ['no', 'runs'],
            ]}
            onChange={(to: string) => put({ freezes: to === '' ? undefined : to === 'yes' })}
          />
          <Row label="Motion">
            <Sheet
              label="Motion of this area"
              trigger={
                <button type="button" className="blank">
                  {area.motion ? motionWords(project, area.motion) : ruleWords(rule)}
                </button>
              }
            >
              <OwnMotion motion={area.motion} rule={rule} onChange={(motion) => put({ motion })} />
            </Sheet>
          </Row>
          <ThingRow
            label="Music"
            value={area.music}
            none="none"
            things={sounds}
            onChange={(music) => put({ music })}
          />
        </div>
      </section>
      <Held
        title="Screens in this area"
        none="None yet. Drag screens into its box on the map."
        screens={names('base')}
      />
      <Held
        title="HUD of all of them"
        none="Nothing. A HUD screen in this area is up beside every other screen of it."
        screens={names('hud')}
      />
      <Button look="danger" onClick={() => edit('delete area', { area: area.id })}>
        <Trash2 size={13} aria-hidden="true" /> Delete the area, keep its screens
      </Button>
    </>
  );
}

function Held({
  title,
  none,
  screens,
}: {
  title: string;
  none: string;
  screens: readonly { id: string; name: string }[];
}) {
  return (
    <section aria-label={title}>
      <h3 className="mb-1 font-bold">{title}</h3>
      {screens.length === 0 && <p className="text-soft">{none}</p>}
      {screens.map((screen) => (
        <button
          key={screen.id}
          type="button"
          className="block min-h-6 w-full rounded px-1.5 py-0.5 text-left hover:bg-chosen-wash"
          onClick={() => choose({ screen: screen.id })}
        >
          {screen.name}
        </button>
      ))}
    </section>
  );
}
