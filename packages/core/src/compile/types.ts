import type { FocusGraph } from '../focus';
import type { Solved } from '../layout';
import type { Cue, Effect, Id, Layer, Link, LinkKind, Masked, Project, Screen, Trail } from '../model';
import type { Half } from '../motion';

/** A project made ready to run and paint. Never changed; remade screen by screen as the project changes. */
export interface Flow {
  project: Project;
  start: Id;
  /** Every screen, stand-ins for gaps included, by id. */
  screens: Map<Id, CompiledScreen>;
  links: Map<Id, CompiledLink>;
  /** Links that hold in the whole project. */
  shared: LinkTable;
  /** Actions that a key (`Escape`) or pad button (`pad 9`) is bound to, in the project's order. */
  bindings: Map<string, Id[]>;
  /** The house motion by layer. */
  house: Record<Layer, Half>;
  /** Durations that some link waits for while an action is held, by action. */
  holds: Map<Id, number[]>;
}

export interface CompiledScreen {
  screen: Screen;
  id: Id;
  layer: Layer;
  trail: Trail;
  modal: boolean;
  freezes: boolean;
  blocks: boolean;
  /** Gives clock and input back as soon as it closes, not when it has finished leaving. */
  atOnce: boolean;
  remembers: boolean;
  firstFocus: Id | null;
  /** Microseconds; 0 when it may go at any time. */
  least: number;
  /** Notice: microseconds it shows. */
  lasts: number;
  /** Its own motion, if it has one. */
  motion: Half | null;
  links: LinkTable;
  layout: Solved;
  focus: FocusGraph;
  /** The button or linked element that a point on each element stands for. */
  pressable: Map<Id, Id>;
}

export interface LinkTable {
  /** In order. */
  all: CompiledLink[];
  press: Map<Id, CompiledLink[]>;
  action: Map<Id, CompiledLink[]>;
  event: Map<Id, CompiledLink[]>;
  time: CompiledLink[];
  arrival: CompiledLink[];
}

export interface CompiledLink {
  id: Id;
  link: Link;
  /** Index in the project: the order among links. */
  index: number;
  from: Id;
  cue: Cue;
  kind: LinkKind;
  /** The screen it leads to, a stand-in for a gap; null for kinds without a target. */
  to: Id | null;
  effects: Effect[];
  /** Time cue: microseconds. Held action: how long. */
  after: number;
  /** Its own motion for whichever layer, if it has one. */
  motion: Record<Layer, Half> | null;
  /** Microseconds that arriving starts before leaving ends; Infinity for together, 0 for after. */
  overlap: number;
  masked: Masked;
}
