import { create } from 'zustand';

const KEY = 'tavu folds';

/** What has been folded (false) or unfolded (true) by hand, by title; kept between visits. */
export const useFolds = create<{ byTitle: Readonly<Record<string, boolean>> }>(() => ({ byTitle: kept() }));

export function setFold(title: string, open: boolean): void {
  const byTitle = { ...useFolds.getState().byTitle, [title]: open };
  useFolds.setState({ byTitle });
  try {
    localStorage.setItem(KEY, JSON.stringify(byTitle));
  } catch {
    // Without storage folds last as long as the page.
  }
}

function kept(): Record<string, boolean> {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}');
    return Object.fromEntries(
      Object.entries(read ?? {}).filter((entry): entry is [string, boolean] => typeof entry[1] === 'boolean'),
    );
  } catch {
    return {};
  }
}
