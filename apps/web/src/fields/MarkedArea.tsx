'use client';

import { pressMark, putIn, type Lasting, type Pressed } from '@tavu/core/marks';
import { Bold, ChevronDown, Italic, RemoveFormatting } from 'lucide-react';
import { useLayoutEffect, useRef, useState, type RefObject, type TextareaHTMLAttributes } from 'react';
import { useStudio } from '../store';
import { goOnAt, IconButton, Picker, Sheet, Small } from '../ui';
import { markChoices, type Marking } from './markChoices';

type Area = Omit<TextareaHTMLAttributes<HTMLTextAreaElement>, 'value' | 'onChange'>;

/**
 * A text that can hold marks: while it has the keyboard, what can be done with the chosen words stands beneath it. Where none are
 * chosen, it is done with the word there.
 */
export function MarkedArea({
  value,
  onWords,
  area,
  paced = false,
  plain = false,
  onKeyDown,
  ...rest
}: Area & {
  value: string;
  onWords: (text: string) => void;
  area?: RefObject<HTMLTextAreaElement | null>;
  /** It is a line, that comes letter by letter. */
  paced?: boolean;
  /** Marks are words like any other in it. */
  plain?: boolean;
}) {
  const own = useRef<HTMLTextAreaElement>(null);
  const field = area ?? own;
  const wanted = useRef<Pressed | null>(null);
  // The field has the new words only once it is drawn.
  useLayoutEffect(() => {
    if (wanted.current?.text !== value) return;
    field.current?.setSelectionRange(wanted.current.from, wanted.current.to);
    wanted.current = null;
  }, [field, value]);
  const take = (pressed: Pressed): void => {
    wanted.current = pressed;
    if (pressed.text !== value) onWords(pressed.text);
  };
  const chosen = (): [number, number] => [
    field.current?.selectionStart ?? value.length,
    field.current?.selectionEnd ?? value.length,
  ];
  const press = (mark: Lasting | null): void => take(pressMark(value, ...chosen(), mark));
  const pick = (marking: Marking): void => {
    if ('around' in marking) press(marking.around);
    else take(putIn(value, chosen()[1], marking.put));
    goOnAt(() => field.current);
  };
  const bar = useBar();
  return (
    <div className="w-full min-w-0" onFocus={bar.show} onBlur={bar.leave}>
      <textarea
        ref={field}
        value={value}
        onChange={(event) => onWords(event.target.value)}
        onKeyDown={(event) => {
          const mark = event.ctrlKey && !event.altKey && !event.shiftKey ? KEYS[event.code] : undefined;
          if (!mark || plain) return onKeyDown?.(event);
          event.preventDefault();
          event.stopPropagation();
          press(mark);
        }}
        {...rest}
      />
      {!plain && <Marks shown={bar.shown} paced={paced} onPress={press} onPick={pick} />}
    </div>
  );
}

const KEYS: Record<string, Lasting | undefined> = { KeyB: { mark: 'bold' }, KeyI: { mark: 'italic' } };

/** Whether a button of the pointer is down. */
let down = false;
if (typeof addEventListener === 'function') {
  addEventListener('pointerdown', () => (down = true), true);
  for (const end of ['pointerup', 'pointercancel']) addEventListener(end, () => (down = false), true);
}

/**
 * Whether the bar is there: while the keyboard is in the text or the bar, and until what takes it away has been pressed, so that
 * nothing moves from under the pointer meanwhile.
 */
function useBar() {
  const [shown, setShown] = useState(false);
  const within = useRef(false);
  const hide = (): void => {
    if (!within.current) setShown(false);
  };
  return {
    shown,
    show: (): void => {
      within.current = true;
      setShown(true);
    },
    leave: (): void => {
      within.current = false;
      if (!down) return void setTimeout(hide);
      addEventListener('pointerup', () => setTimeout(hide), { once: true });
    },
  };
}

function Marks({
  shown,
  paced,
  onPress,
  onPick,
}: {
  shown: boolean;
  paced: boolean;
  onPress: (mark: Lasting | null) => void;
  onPick: (marking: Marking) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  return (
    <div
      role="group"
      aria-label="Marks"
      className={`mt-0.5 items-center gap-0.5 ${shown || open ? 'flex' : 'hidden'}`}
      // The field keeps the keyboard, and with it what is chosen in it.
      onPointerDown={(event) => event.preventDefault()}
    >
      <IconButton name="Bold" keys="Ctrl B" small onClick={() => onPress({ mark: 'bold' })}>
        <Bold size={13} />
      </IconButton>
      <IconButton name="Italic" keys="Ctrl I" small onClick={() => onPress({ mark: 'italic' })}>
        <Italic size={13} />
      </IconButton>
      <Sheet
        label="Mark or put in"
        open={open}
        onOpen={setOpen}
        trigger={
          <Small className="flex items-center gap-0.5">
            Mark or put in <ChevronDown size={12} aria-hidden="true" />
          </Small>
        }
      >
        {open && (
          <Picker
            label="Mark or put in"
            placeholder="A colour, a size, a picture, a key"
            choices={markChoices(project, paced, (marking) => {
              setOpen(false);
              onPick(marking);
            })}
          />
        )}
      </Sheet>
      <IconButton name="Take the marks off" small onClick={() => onPress(null)}>
        <RemoveFormatting size={13} />
      </IconButton>
    </div>
  );
}
