'use client';

import { BUBBLES, freeName, readName, SIDES, type Speaker, isPicture } from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { bringSound, useSoundAssets } from '../../assets';
import { ColourField } from '../../fields';
import { edit, useStudio } from '../../store';
import { Field, Button, IconButton, Small, Select, SelectRow, ThingRow, Check } from '../../ui';
import { TalkSettings } from './TalkSettings';

/** Who speaks: names, colours, faces, sides, bubbles and voices; and how lines come in the whole project. */
export function Speakers() {
  const speakers = useStudio((studio) => studio.project.speakers) ?? [];
  return (
    <div className="min-h-0 flex-1 space-y-3 overflow-auto p-3">
      {speakers.length === 0 && (
        <p className="text-soft">
          Nobody speaks yet. Make a speaker here, or type a name and a colon at the beginning of a line that
          is pasted.
        </p>
      )}
      <ul className="space-y-2">
        {speakers.map((speaker) => (
          <li key={speaker.id}>
            <OneSpeaker speaker={speaker} others={speakers.filter(({ id }) => id !== speaker.id)} />
          </li>
        ))}
      </ul>
      <Button onClick={() => edit('add speaker', { name: 'Speaker' })}>
        <Plus size={14} aria-hidden="true" /> A speaker
      </Button>
      <TalkSettings />
    </div>
  );
}

function OneSpeaker({ speaker, others }: { speaker: Speaker; others: readonly Speaker[] }) {
  const project = useStudio((studio) => studio.project);
  const sources = useStudio((studio) => studio.sources);
  const sounds = useSoundAssets();
  const pictures = project.assets.filter(isPicture);
  const put = (change: Partial<Speaker>): void =>
    void edit('change speaker', { speaker: speaker.id, change });
  const [face] = speaker.faces;
  return (
    <section aria-label={speaker.name} className="space-y-2 rounded border border-line bg-sheet p-2">
      <div className="flex items-end gap-2">
        <span className="flex size-12 shrink-0 items-center justify-center overflow-hidden rounded border border-line bg-well">
          {/* The browser shows the project's own picture, which no server optimises. */}
          {face && <img src={sources.asset(face.asset)} alt="" className="size-full object-cover" />}
        </span>
        <Field
          label="Name"
          value={speaker.name}
          className="min-w-0 flex-1"
          read={(text) =>
            readName(
              text,
              others.map((other) => other.name),
            )
          }
          onChange={(name) => put({ name })}
        />
        <IconButton
          name={`Take out ${speaker.name}`}
          onClick={() => edit('delete speaker', { speaker: speaker.id })}
        >
          <Trash2 size={14} />
        </IconButton>
      </div>
      <div className="grid grid-cols-2 gap-x-4">
        <ColourField
          label="Colour of the name"
          value={speaker.colour ?? '#f3ead7'}
          onChange={(colour) => put({ colour })}
        />
        <SelectRow
          label="Side"
          value={speaker.side ?? 'left'}
          options={SIDES.map((value): [typeof value, string] => [value, value])}
          onChange={(side) => put({ side })}
        />
        <SelectRow
          label="Bubble"
          value={speaker.bubble ?? ''}
          options={[['', 'as on the screen'], ...BUBBLES.map((value): [string, string] => [value, value])]}
          onChange={(bubble: string) =>
            put({ bubble: bubble === '' ? undefined : (bubble as Speaker['bubble']) })
          }
        />
        <ThingRow
          label="Voice"
          value={speaker.blip}
          none="silent"
          things={sounds}
          onChange={(blip) => put({ blip })}
        />
      </div>
      <Faces speaker={speaker} pictures={pictures} />
      {speaker.faces.length === 0 && (
        <Check on={speaker.unseen ?? false} onChange={(on) => put({ unseen: on ? true : undefined })}>
          Never seen: needs no portrait
        </Check>
      )}
      <Small onClick={() => void bringSound().then((asset) => asset && put({ blip: asset }))}>
        Import a voice …
      </Small>
    </section>
  );
}

function Faces({
  speaker,
  pictures,
}: {
  speaker: Speaker;
  pictures: readonly { id: string; name: string }[];
}) {
  const [made, setMade] = useState(0);
  const put = (faces: Speaker['faces']): void =>
    void edit('change speaker', { speaker: speaker.id, change: { faces } });
  const names = speaker.faces.map((face) => face.name);
  return (
    <div>
      <h4 className="text-sm text-soft">Faces, the usual one first</h4>
      <ul className="space-y-1">
        {speaker.faces.map(({ name, asset }, i) => (
          <li key={`${made} ${i}`} className="flex items-center gap-1.5">
            <Field
              hidden
              label={`Name of face ${i + 1}`}
              value={name}
              className="w-28"
              read={(text) =>
                readName(
                  text,
                  names.filter((other) => other !== name),
                )
              }
              onChange={(to) => edit('rename face', { speaker: speaker.id, from: name, to })}
            />
            <Select
              label={`Picture of ${name}`}
              value={asset}
              options={pictures.map((picture): [string, string] => [picture.id, picture.name])}
              className="h-7 max-w-44 min-w-0 border border-line bg-sheet"
              onChange={(id: string) =>
                put(speaker.faces.map((face, n) => (n === i ? { ...face, asset: id } : face)))
              }
            />
            <IconButton
              name={`Take out the face ${name}`}
              small
              onClick={() => put(speaker.faces.filter((_, n) => n !== i))}
            >
              <Trash2 size={13} />
            </IconButton>
          </li>
        ))}
      </ul>
      {pictures.length > 0 ? (
        <Small
          className="mt-1"
          onClick={() => {
            const name = freeName(names.length === 0 ? 'usual' : 'face', names);
            put([...speaker.faces, { name, asset: pictures[0]!.id }]);
            setMade(made + 1);
          }}
        >
          A face
        </Small>
      ) : (
        <p className="text-sm text-soft">Import pictures under Assets to use them as faces here.</p>
      )}
    </div>
  );
}
