'use client';

import { freshId, type Id, type Step, lean } from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import { useRef } from 'react';
import { edit, endStep } from '../../store';
import { IconButton } from '../../ui';
import { chooseStep, goToStep, type Owner } from './chosen';
import { If } from './Conditions';
import { addLine, changeStep } from './put';
import type { PageRow } from './rows';
import { useWanted } from './wanted';

/** What can be chosen: its words, when it is there, and a way to say what follows. Enter adds another. */
export function OptionRow({
  owner,
  row,
  onStepAway,
}: {
  owner: Owner;
  row: PageRow & { row: 'option' };
  onStepAway: (by: -1 | 1) => void;
}) {
  const { choice, option } = row;
  const field = useRef<HTMLInputElement>(null);
  useWanted(option.id, field);
  const others = choice.options.filter((choiceOption) => choiceOption.id !== option.id);
  const put = (options: (typeof choice)['options']): void =>
    changeStep(owner, choice.id, { options } as Partial<Step>);
  const remove = (): void => {
    put(others);
    goToStep(others.at(-1)?.id ?? choice.id);
  };
  return (
    <div className="flex items-center gap-1.5 py-0.5">
      <span aria-hidden="true" className="font-bold text-soft">
        ›
      </span>
      <input
        ref={field}
        aria-label="A choice"
        value={option.text}
        maxLength={2000}
        placeholder="an answer"
        className="h-7 min-w-0 flex-1 rounded border border-line bg-sheet px-1.5 font-semibold"
        onFocus={() => chooseStep(choice.id)}
        onBlur={endStep}
        onChange={(event) =>
          putOption(owner, choice, option.id, { text: event.target.value }, `option ${option.id}`)
        }
        onKeyDown={(event) => {
          if (event.key === 'Enter' && event.altKey) addLine(owner, null, choice.speaker, option.id);
          else if (event.key === 'Enter') {
            const fresh = { id: freshId('o'), text: '', steps: [] };
            const at = choice.options.findIndex((choiceOption) => choiceOption.id === option.id) + 1;
            put([...choice.options.slice(0, at), fresh, ...choice.options.slice(at)]);
            goToStep(fresh.id);
          } else if (event.key === 'Backspace' && option.text === '' && others.length > 0) remove();
          else if (event.key === 'ArrowUp') onStepAway(-1);
          else if (event.key === 'ArrowDown') onStepAway(1);
          else return;
          event.preventDefault();
          event.stopPropagation();
        }}
      />
      <If
        owner={owner}
        when={option.when}
        onChange={(when) => putOption(owner, choice, option.id, { when })}
      />
      <IconButton
        name="Say something after this choice"
        keys="Alt Enter"
        small
        onClick={() => addLine(owner, null, choice.speaker, option.id)}
      >
        <Plus size={13} />
      </IconButton>
      {others.length > 0 && (
        <IconButton name="Take this choice out" small onClick={remove}>
          <Trash2 size={13} />
        </IconButton>
      )}
    </div>
  );
}

/** The branch taken when the game has not answered in time. */
export function LateRow({ owner, wait }: { owner: Owner; wait: Step & { step: 'wait' } }) {
  return (
    <div className="flex items-center gap-1.5 py-0.5 text-soft">
      else
      <IconButton
        name="Say something when it takes too long"
        small
        onClick={() => addLine(owner, null, null, wait.id)}
      >
        <Plus size={13} />
      </IconButton>
      <IconButton
        name="Nothing else when it takes too long"
        small
        onClick={() => changeStep(owner, wait.id, { otherwise: undefined } as Partial<Step>)}
      >
        <Trash2 size={13} />
      </IconButton>
    </div>
  );
}

/** Changes an option of a choice, as one edit of that choice. */
function putOption(
  owner: Owner,
  choice: Step & { step: 'choice' },
  option: Id,
  change: Partial<(Step & { step: 'choice' })['options'][number]>,
  key?: string,
): void {
  const options = choice.options.map((choiceOption) =>
    choiceOption.id === option ? lean({ ...choiceOption, ...change }) : choiceOption,
  );
  edit(
    'change step',
    { owner: owner.id, step: choice.id, change: { options } as Partial<Step> },
    key === undefined ? {} : { key },
  );
}
