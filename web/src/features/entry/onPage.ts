import type { ReactNode } from 'react';
import type { Api } from '../../api';
import type { Mark, Marking } from '../mark';
import type { Pattern } from '../pattern';
import type { Spot } from '../scan';
import type { About, Hearing, SaidMoment, Sound } from '../voice';
import type { Shown } from './shown';
import type { EntryActs } from './useEntryActs';

/** What all entries of a page have in common. */
export type OnPage = {
  id: string;
  pattern: Pattern;
  acts: EntryActs;
  marking: Marking;
  points: Api['NodeView'][];
  remarks: Api['RemarkView'][];
  ownWords: Api['OwnWordsView'][];
  besides: ReadonlySet<string>;
  spots: Spot[];
  /** Where the page is. */
  address: string;
  /** When entries were made, in recordings of the page. */
  timings: ReadonlyMap<string, SaidMoment>;
  hearing: Hearing;
  sounds: readonly Sound[];
} & Does;

/** What entries ask of their page. */
export type Does = {
  onChoose: (id: string) => void;
  onNotch: (id: string) => void;
  onOpenMark: (mark: Mark) => void;
  /** Begins a recording that explains an entry, or one thing on it. */
  onExplain: (about: About) => void;
  /** Shows a view of a collection. */
  showView: (content: unknown) => ReactNode;
  /** Makes typed text of a file. */
  onFileText: (entry: Shown) => void;
  onBeside?: (place: string) => void;
  /** Where another page stands beside this one: copies an entry there, or some of its text. */
  onCopyAcross?: (entry: Shown, text?: unknown) => void;
};
