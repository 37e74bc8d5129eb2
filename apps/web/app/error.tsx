'use client';

/** Shown when the window itself fails. What was edited is kept in the browser already. */
export default function WindowFault({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <main className="flex h-dvh flex-col items-center justify-center gap-3 p-8 text-center">
      <h1 className="text-[22px] font-bold">Tavu stopped showing this project</h1>
      <p className="max-w-lg text-soft">
        Your work up to the last half second is kept in this browser. Try again; if it stops here once more,
        reload the page.
      </p>
      <p className="max-w-lg font-mono text-sm text-warn">{error.message}</p>
      <button
        type="button"
        className="rounded-md bg-chosen px-4 py-2 font-semibold text-on-chosen"
        onClick={reset}
      >
        Try again
      </button>
    </main>
  );
}
