import { timeOf } from '@tavu/core/triggers';
import { findingsOfLink, findingsOfScreen } from '@tavu/core/check';
import { linksOn } from '@tavu/core/component';
import { screenById, type Id, type Link, type Project, type Screen, type Status } from '@tavu/core/model';
import { movesOddly } from '@tavu/core/motion';
import { openNotes } from '../../notes';

/** What a card says of its screen besides its name. */
export interface Caption {
  /** Goes on by itself after so long. */
  after: string | null;
  /** How long a message stays. */
  stays: string | null;
  odd: boolean;
  back: boolean;
  ends: boolean;
  troubled: boolean;
  status: Status;
  /** The number of open notes on it, its elements and its links. */
  notes: number;
}

const made = new WeakMap<Project, Map<Id, Caption>>();

/** Worked out once for a screen and a project: many cards ask, at every change of anything. */
export function captionOf(project: Project, id: Id): Caption {
  let known = made.get(project);
  if (!known) made.set(project, (known = new Map()));
  let caption = known.get(id);
  if (!caption) known.set(id, (caption = makeCaption(project, id)));
  return caption;
}

function makeCaption(project: Project, id: Id): Caption {
  const screen = screenById(project, id);
  const links = linksOn(project, id);
  return {
    after: links.map(({ trigger }) => timeOf(trigger)).find((after) => after !== null) ?? null,
    stays: screen?.layer === 'notice' ? staysFor(screen) : null,
    odd: movesOddly(project, id),
    back: links.some((link) => link.kind === 'back'),
    ends: links.some((link) => link.kind === 'end'),
    status: screen?.status ?? 'draft',
    notes: openNotesOn(screen, links),
    troubled:
      screen !== undefined &&
      (findingsOfScreen(project, screen).length > 0 || links.some((link) => isWrong(project, link))),
  };
}

const openNotesOn = (screen: Screen | undefined, links: readonly Link[]): number =>
  [screen ?? {}, ...(screen?.elements ?? []), ...links.filter(({ from }) => from === screen?.id)]
    .map(openNotes)
    .reduce((sum, count) => sum + count, 0);

/** How long a message stays, in words. */
function staysFor({ until, lasts }: Screen): string {
  if (until === 'dismissed') return 'stays until dismissed';
  if (until === 'replaced') return 'stays until replaced or cleared';
  return typeof until === 'object' ? 'stays until an event' : `shows for ${lasts ?? '2 s'}`;
}

/** A gap is told by its own card. */
const isWrong = (project: Project, link: Link): boolean =>
  findingsOfLink(project, link).some(({ code }) => code !== 'flow/gap');
