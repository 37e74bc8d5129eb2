import { readName, type Id } from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { edit } from '../../store';
import { Field, IconButton, Select, Sheet } from '../../ui';

/** Which one is open, its name, and a new one. */
export function Which({
  open,
  all,
  what,
  onOpen,
  onNew,
  children,
}: {
  open: { id: Id; name: string };
  all: readonly { id: Id; name: string }[];
  what: string;
  onOpen: (id: Id) => void;
  onNew: () => void;
  children: ReactNode;
}) {
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <Select
        label={`Which ${what}`}
        value={open.id}
        options={all.map(({ id, name }): [Id, string] => [id, name])}
        className="h-7 max-w-52 min-w-0 border border-line bg-sheet font-bold hover:bg-chosen-wash"
        onChange={onOpen}
      />
      <Sheet
        label={`Name of this ${what}`}
        trigger={
          <button type="button" className="blank text-sm">
            rename
          </button>
        }
      >
        <div className="p-3">
          <Field
            label={`Name of this ${what}`}
            value={open.name}
            read={(text) =>
              readName(
                text,
                all.filter((item) => item.id !== open.id).map((item) => item.name),
              )
            }
            onChange={(name) =>
              what === 'conversation'
                ? edit('change conversation', { conversation: open.id, change: { name } })
                : edit('change routine', { routine: open.id, change: { name } })
            }
          />
        </div>
      </Sheet>
      <IconButton name={`A new ${what}`} onClick={onNew}>
        <Plus size={15} />
      </IconButton>
      <IconButton
        name={`Take out this ${what}`}
        onClick={() =>
          what === 'conversation'
            ? edit('delete conversation', { conversation: open.id })
            : edit('delete routine', { routine: open.id })
        }
      >
        <Trash2 size={14} />
      </IconButton>
      {children}
    </div>
  );
}
