/** The languages of a project, and what is known of its texts in them. */

export interface Language {
  /** BCP 47. */
  code: string;
  name: string;
  /** What those who speak it call it, as players choose it: `Deutsch`. Absent: the name. */
  ownName?: string;
}

export interface Translated {
  /** What the text was when it was translated. */
  from?: string;
  /** As in XLIFF 2. Absent: translated. */
  state?: 'initial' | 'translated' | 'reviewed' | 'final';
}

export interface WordingNote {
  note?: string;
  /** The most letters it may have, in any language. */
  maxLength?: number;
}
