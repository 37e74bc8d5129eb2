import type { Asset, Conversation, ListValue, Project, Row, Speaker } from '../model';
import type { AssetBytes, Opened } from './bundle';
import type { GivenTexts } from './given';
import type { PageParts } from './page';
import type { Script } from './script';

/** What is written out, and what that is given. */
export interface Exported {
  project: { project: Project; assets: AssetBytes; parts?: PageParts };
  /** All texts in one language. */
  texts: { project: Project; language: string };
  /** What one conversation says. */
  lines: { project: Project; conversation: Conversation };
  /** Rows of a list. */
  rows: { list: ListValue; rows: readonly Row[]; pictures: readonly Asset[] };
}

/** What is read, and what comes of that. */
export interface Imported {
  project: Opened;
  texts: GivenTexts;
  lines: Script;
}

export interface File {
  bytes: string | Uint8Array;
  /** Of the file's name, without its first dot. */
  ending: string;
  /** MIME type. */
  media: string;
}

/** A format that something is written in. */
export interface Export<Of extends keyof Exported> {
  of: Of;
  title: string;
  /** What it is for, in a line. */
  about: string;
  /** What is said once it is saved. Absent: that it is. */
  done?: string;
  /** It needs `parts`: the player as it is built. */
  plays?: true;
  write: (given: Exported[Of]) => File | Promise<File>;
}

/** A format that something is read from. */
export interface Import<Of extends keyof Imported> {
  of: Of;
  /** Of file names, each with its dot. */
  endings: readonly string[];
  /** Whether bytes look like it. */
  fits: (bytes: Uint8Array) => boolean;
  read: (bytes: Uint8Array, known: { speakers?: readonly Speaker[] }) => Imported[Of] | Promise<Imported[Of]>;
}

/** Bytes as text in UTF-8, or the first so many of them. */
export const textOf = (bytes: Uint8Array, max = bytes.length): string =>
  new TextDecoder('utf-8', { ignoreBOM: true }).decode(bytes.subarray(0, max));
