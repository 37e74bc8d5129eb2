'use client';

import { takeSkin } from '@tavu/core/edit';
import { scopeWith } from '@tavu/core/expression';
import { isPicture, readName, withId, type Id, type Skin } from '@tavu/core/model';
import { writeProject } from '@tavu/core/schema';
import { Copy, Plus, Trash2, X } from 'lucide-react';
import { ConditionRow } from '../fields';
import { edit, notify, readCopied, useSkin, useStudio, wear, withBytes } from '../store';
import { Button, Field, Group, IconButton, Select, SelectRow, Small } from '../ui';

const NONE: readonly Skin[] = [];

/** Other looks of the whole game: which one is worn, while what, and what it has in place of the project's own. */
export function Skins() {
  const project = useStudio((studio) => studio.project);
  const worn = useSkin((state) => state.worn);
  const skins = project.skins ?? NONE;
  const skin = withId(skins, worn ?? undefined);
  const add = (like?: Id): void => {
    const name = like === undefined ? 'Skin' : `${withId(skins, like)!.name} too`;
    const made = edit('add skin', { name, like });
    if (made) wear(made);
  };
  return (
    <Group title="Skins" unfolded={skins.length > 0}>
      {skins.length === 0 ? (
        <p className="text-sm text-soft">
          None yet. A skin is another look of the whole game, worn while a value says so: high contrast,
          night, a player’s choice.
        </p>
      ) : (
        <SelectRow
          label="Worn in Live"
          value={skin?.id ?? ''}
          options={[
            ['', 'the project’s own look'],
            ...skins.map(({ id, name }): [string, string] => [id, name]),
          ]}
          onChange={(id) => wear(id === '' ? null : id)}
        />
      )}
      {skin && <SkinFields key={skin.id} skin={skin} skins={skins} onLike={() => add(skin.id)} />}
      <div className="flex flex-wrap gap-1.5">
        <Button onClick={() => add()}>
          <Plus size={13} aria-hidden="true" /> Skin
        </Button>
        <Button onClick={() => void paste()}>Paste a skin</Button>
      </div>
    </Group>
  );
}

function SkinFields({ skin, skins, onLike }: { skin: Skin; skins: readonly Skin[]; onLike: () => void }) {
  const project = useStudio((studio) => studio.project);
  const change = (to: Partial<Skin>): void => void edit('change skin', { skin: skin.id, change: to });
  const at = skins.indexOf(skin);
  return (
    <div className="space-y-1 border-l-3 border-live pl-2">
      <div className="flex items-end gap-1">
        <Field
          label="Name of the skin"
          value={skin.name}
          className="min-w-0 flex-1"
          read={(typed) =>
            readName(
              typed,
              skins.filter((other) => other !== skin).map(({ name }) => name),
            )
          }
          onChange={(name) => change({ name })}
        />
        <IconButton name={`Copy ${skin.name}, for another project`} onClick={() => void copy(skin)}>
          <Copy size={13} />
        </IconButton>
        <IconButton name={`Delete ${skin.name}`} onClick={() => edit('delete skin', { skin: skin.id })}>
          <Trash2 size={13} />
        </IconButton>
      </div>
      <ConditionRow
        label="Worn while"
        none="only looked at"
        value={skin.when}
        scope={scopeWith(project, [])}
        onChange={(when) => change({ when })}
      />
      <p className="text-sm text-soft">
        Styles and colours changed below are changed in this skin alone. What an element has for itself stays.
      </p>
      <InPlace
        label="Pictures and sounds"
        things={project.assets}
        said={(skin.assets ?? []).map(({ asset, by }) => [asset, by])}
        alike={(a, b) => isPicture(a) === isPicture(b)}
        onChange={(said) => change({ assets: said?.map(([asset, by]) => ({ asset, by })) })}
      />
      {(project.motions?.length ?? 0) > 1 && (
        <InPlace
          label="Motions"
          things={project.motions!}
          said={(skin.motions ?? []).map(({ motion, by }) => [motion, by])}
          alike={() => true}
          onChange={(said) => change({ motions: said?.map(([motion, by]) => ({ motion, by })) })}
        />
      )}
      <div className="flex flex-wrap gap-1">
        <Small onClick={onLike}>New skin from this</Small>
        {at > 0 && (
          <Small onClick={() => edit('place skin', { skin: skin.id, before: skins[at - 1]!.id })}>
            Ask it before {skins[at - 1]!.name}
          </Small>
        )}
      </div>
    </div>
  );
}

/** What stands in for what: each thing of the project that the skin replaces, and by which. */
function InPlace<T extends { id: Id; name: string }>({
  label,
  things,
  said,
  alike,
  onChange,
}: {
  label: string;
  things: readonly T[];
  said: readonly (readonly [Id, Id])[];
  /** Whether one may stand in for another. */
  alike: (a: T, b: T) => boolean;
  onChange: (said: (readonly [Id, Id])[] | undefined) => void;
}) {
  const put = (next: (readonly [Id, Id])[]): void => onChange(next.length > 0 ? next : undefined);
  const free = things.filter(({ id }) => said.every(([of]) => of !== id));
  return (
    <section aria-label={label}>
      <h4 className="text-sm text-soft">{label}</h4>
      {said.map(([of, by]) => {
        const thing = withId(things, of);
        const name = thing?.name ?? 'What is gone';
        return (
          <div key={of} className="flex items-center gap-1">
            <span className="min-w-0 flex-1 truncate text-sm" title={name}>
              {name}
            </span>
            <Select<string>
              label={`In place of ${name}`}
              value={by}
              options={things
                .filter((other) => other.id !== of && (!thing || alike(thing, other)))
                .map(({ id, name: called }): [string, string] => [id, called])}
              className="max-w-32 border border-line bg-sheet text-sm"
              onChange={(to) => put(said.map((one) => (one[0] === of ? [of, to] : one)))}
            />
            <IconButton
              name={`${name} as in the project`}
              small
              onClick={() => put(said.filter(([other]) => other !== of))}
            >
              <X size={12} />
            </IconButton>
          </div>
        );
      })}
      <Select<string>
        label={`Replace one of the ${label.toLowerCase()}`}
        value=""
        options={[['', 'replace …'], ...free.map(({ id, name }): [string, string] => [id, name])]}
        className="max-w-full border border-line bg-sheet text-sm"
        onChange={(of) => {
          const thing = withId(things, of);
          const by = thing && things.find((other) => other.id !== of && alike(thing, other));
          if (by) put([...said, [of, by.id]]);
          else if (thing)
            notify(`There is nothing that could stand in for ${thing.name} yet: import it first.`);
        }}
      />
    </section>
  );
}

async function copy(skin: Skin): Promise<void> {
  const text = writeProject(withBytes(takeSkin(useStudio.getState().project, skin.id)));
  try {
    await navigator.clipboard.writeText(text);
    notify(`${skin.name} copied. Paste it under Skins, here or in another project.`);
  } catch {
    notify('The browser did not let it be copied.');
  }
}

async function paste(): Promise<void> {
  const text = await navigator.clipboard.readText().catch(() => null);
  if (text === null) return notify('The browser did not let the clipboard be read.');
  const from = text.trimStart().startsWith('{') ? await readCopied(text) : null;
  if (!from?.skins?.length) return notify('There is no skin in what was copied.');
  const made = edit('paste skin', { from });
  if (made) wear(made);
}
