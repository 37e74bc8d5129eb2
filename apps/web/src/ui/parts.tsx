'use client';

import {
  Dialog as RadixDialog,
  Popover as RadixPopover,
  RadioGroup,
  Tooltip as RadixTooltip,
} from 'radix-ui';
import { X } from 'lucide-react';
import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { keepFocus } from './goOn';

/** Small shared pieces of the tool's own look. */

const BUTTON = {
  plain: 'border border-line bg-sheet text-ink hover:bg-chosen-wash',
  main: 'border border-chosen bg-chosen text-on-chosen hover:brightness-110',
  quiet: 'border border-transparent text-ink hover:bg-chosen-wash',
  danger: 'border border-warn bg-sheet text-warn hover:bg-warn-wash',
};

export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof BUTTON }) {
  return (
    <button
      type="button"
      className={`inline-flex h-7 items-center gap-1.5 rounded-md px-2.5 font-semibold whitespace-nowrap disabled:opacity-45 ${BUTTON[look]} ${className}`}
      {...rest}
    />
  );
}

/** A small word to press, among others. */
export function Small({ className = '', ...rest }: ButtonHTMLAttributes<HTMLButtonElement>) {
  return (
    <button
      type="button"
      className={`min-h-6 rounded border border-line bg-sheet px-1.5 text-sm leading-5 hover:border-chosen hover:text-chosen ${className}`}
      {...rest}
    />
  );
}

/** A button that shows only an icon; its name is its tooltip. */
export function IconButton({
  name,
  keys,
  small = false,
  className = '',
  children,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & {
  name: string;
  keys?: string;
  /** Among small fields, or beside others of its kind. */
  small?: boolean;
}) {
  return (
    <Tip text={name} keys={keys}>
      <button
        type="button"
        aria-label={name}
        className={`inline-flex ${small ? 'size-6' : 'size-7'} shrink-0 items-center justify-center rounded-md text-ink hover:bg-chosen-wash disabled:opacity-40 ${className}`}
        {...rest}
      >
        {children}
      </button>
    </Tip>
  );
}

export function Tip({ text, keys, children }: { text: ReactNode; keys?: string; children: ReactNode }) {
  return (
    <RadixTooltip.Root>
      <RadixTooltip.Trigger asChild>{children}</RadixTooltip.Trigger>
      <RadixTooltip.Portal>
        <RadixTooltip.Content
          sideOffset={5}
          className="z-50 max-w-64 rounded bg-ink px-2 py-1 text-sm text-sheet shadow-md"
        >
          {text}
          {keys && <span className="ml-2 font-mono text-xs opacity-80">{keys}</span>}
        </RadixTooltip.Content>
      </RadixTooltip.Portal>
    </RadixTooltip.Root>
  );
}

export const Tips = RadixTooltip.Provider;

/** A sheet that opens beside what was pressed, or beside an `anchor` when something else opens it. */
export function Sheet({
  trigger,
  anchor,
  children,
  open,
  onOpen,
  label,
  width = 'w-72',
}: {
  trigger?: ReactNode;
  anchor?: ReactNode;
  children: ReactNode;
  open?: boolean;
  onOpen?: (open: boolean) => void;
  label: string;
  width?: string;
}) {
  return (
    <RadixPopover.Root open={open} onOpenChange={onOpen}>
      {trigger && <RadixPopover.Trigger asChild>{trigger}</RadixPopover.Trigger>}
      {anchor && <RadixPopover.Anchor asChild>{anchor}</RadixPopover.Anchor>}
      <RadixPopover.Portal>
        <RadixPopover.Content
          aria-label={label}
          onCloseAutoFocus={keepFocus}
          sideOffset={6}
          collisionPadding={8}
          align="start"
          className={`z-40 ${width} max-h-(--radix-popover-content-available-height) overflow-auto rounded-lg border border-strong bg-sheet text-ink shadow-xl`}
        >
          {children}
        </RadixPopover.Content>
      </RadixPopover.Portal>
    </RadixPopover.Root>
  );
}

export function Dialog({
  open,
  onOpen,
  title,
  children,
  width = 'max-w-lg',
  bare = false,
}: {
  open: boolean;
  onOpen: (open: boolean) => void;
  title: string;
  children: ReactNode;
  width?: string;
  /** Its content is all there is to see; the title is only spoken. */
  bare?: boolean;
}) {
  return (
    <RadixDialog.Root open={open} onOpenChange={onOpen}>
      <RadixDialog.Portal>
        <RadixDialog.Overlay className="fixed inset-0 z-30 bg-black/45" />
        <RadixDialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={keepFocus}
          className={`fixed top-[12vh] left-1/2 z-40 max-h-[76vh] w-[92vw] ${width} -translate-x-1/2 overflow-auto rounded-xl border border-strong bg-sheet text-ink shadow-2xl ${bare ? '' : 'p-5'}`}
        >
          {bare ? (
            <RadixDialog.Title className="sr-only">{title}</RadixDialog.Title>
          ) : (
            <div className="mb-3 flex items-center justify-between">
              <RadixDialog.Title className="text-lg font-bold">{title}</RadixDialog.Title>
              <RadixDialog.Close asChild>
                <button type="button" aria-label="Close" className="rounded p-1 hover:bg-chosen-wash">
                  <X size={16} />
                </button>
              </RadixDialog.Close>
            </div>
          )}
          {children}
        </RadixDialog.Content>
      </RadixDialog.Portal>
    </RadixDialog.Root>
  );
}

export function Cap({ children }: { children: ReactNode }) {
  return <kbd className="cap">{children}</kbd>;
}

/** What every way to pick one of some values is given. */
export interface OneOf<T extends string, Option> {
  label: string;
  value: T;
  options: readonly Option[];
  onChange: (value: T) => void;
}

/** One of a few choices, all in view. */
export function Choices<T extends string>({
  label,
  value,
  options,
  onChange,
  wraps = false,
}: OneOf<T, { value: T; text: ReactNode; name?: string }> & {
  /** They stand in several rows where one is too short. */
  wraps?: boolean;
}) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      orientation="horizontal"
      className={
        wraps
          ? 'flex flex-wrap gap-px rounded-md border border-line bg-sheet'
          : 'inline-flex shrink-0 overflow-hidden rounded-md border border-line'
      }
      onValueChange={(next) => onChange(next as T)}
    >
      {options.map((option) => (
        <RadioGroup.Item
          key={option.value}
          value={option.value}
          aria-label={option.name}
          className="h-6.5 px-2 focus-visible:-outline-offset-2 data-[state=checked]:bg-ink data-[state=checked]:font-semibold data-[state=checked]:text-sheet data-[state=unchecked]:bg-sheet data-[state=unchecked]:hover:bg-chosen-wash"
        >
          {option.text}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
