import { useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Button, dayName, plural } from '../../ui';
import type { Shown } from '../entry';
import { wordsOf } from '../text';
import { PageTitle } from './PageTitle';
import { PatternDialog } from './PatternDialog';

type Props = {
  page: Api['PageView'];
  entries: Shown[];
  onBesideWanted?: () => void;
  onCloseBeside?: () => void;
  onReview?: () => void;
  onExplain: () => void;
};

/** The title of a page and what it is: where, when, on which pattern; and the ways to look at it. */
export function PageHead({ page, entries, onBesideWanted, onCloseBeside, onReview, onExplain }: Props) {
  const [isLaying, setLaying] = useState(false);
  const words = entries
    .filter((one) => one.kind === 'TYPED')
    .reduce((sum, one) => sum + wordsOf(one.content), 0);
  return (
    <>
      <PageTitle page={page} />
      <div className="mb-4 flex flex-wrap items-baseline gap-x-1 text-[13.5px] text-soft">
        <p>
          <Link to={`/n/${page.notebookId}/s/${page.sectionId}`} className="hover:underline">
            {page.section}
          </Link>
          {' · '}
          {dayName(page.day)}
          {page.week && ` · Week ${page.week}`}
          {` · ${plural(entries.length, 'entry', 'entries')} · ${plural(words, 'word')}`}
        </p>
        <span className="no-print -ml-1.5 flex flex-wrap">
          <Button look="quiet" className="min-h-[24px] py-0" onClick={() => setLaying(true)}>
            {page.pattern.name} ▾
          </Button>
          <Button look="quiet" className="min-h-[24px] py-0" onClick={onExplain}>
            Explain the page aloud
          </Button>
          {onReview && (
            <Button look="quiet" className="min-h-[24px] py-0" onClick={onReview}>
              Review
            </Button>
          )}
          {onBesideWanted && (
            <Button look="quiet" className="min-h-[24px] py-0" onClick={onBesideWanted}>
              Another page beside
            </Button>
          )}
          {onCloseBeside && (
            <Button look="quiet" className="min-h-[24px] py-0" onClick={onCloseBeside}>
              Close this page
            </Button>
          )}
        </span>
      </div>
      {isLaying && <PatternDialog page={page} onClose={() => setLaying(false)} />}
    </>
  );
}
