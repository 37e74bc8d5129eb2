'use client';

import { Component, useEffect, type ErrorInfo, type ReactNode } from 'react';
import { useStudio } from '../store';
import { Button } from '../ui';

interface Props {
  /** What it contains, with a capital: `The map`. */
  name: string;
  children: ReactNode;
}

/** Confines an error to one part of the window, so that the rest can be used to mend it. */
export class Boundary extends Component<Props, { error: Error | null }> {
  override state: { error: Error | null } = { error: null };

  static getDerivedStateFromError(error: Error): { error: Error } {
    return { error };
  }

  override componentDidCatch(error: Error, { componentStack }: ErrorInfo): void {
    console.error(error, componentStack);
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <Gone name={this.props.name} message={error.message} again={() => this.setState({ error: null })} />
    );
  }
}

function Gone({ name, message, again }: { name: string; message: string; again: () => void }) {
  // An edit, an undo or another project may have mended it.
  useEffect(
    () =>
      useStudio.subscribe((now, before) => {
        if (now.project !== before.project) again();
      }),
    [again],
  );
  return (
    <section
      role="alert"
      aria-label={name}
      data-pane
      tabIndex={-1}
      className="flex min-h-0 flex-1 flex-col items-start gap-2 overflow-auto bg-sheet p-4"
    >
      <p className="font-bold">{name} cannot be shown.</p>
      <p className="text-soft">
        The project is unchanged. Undo the last change, open another project, or save this one as a file, with
        the buttons above.
      </p>
      <p className="max-w-full font-mono text-sm break-words text-warn">{message}</p>
      <Button onClick={again}>Try again</Button>
    </section>
  );
}
