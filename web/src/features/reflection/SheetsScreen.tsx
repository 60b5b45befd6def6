import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { Api } from '../../api';
import { Card, dayName, Heading, plural, Shape } from '../../ui';
import { OnPieces } from './OnPieces';
import { sheetsQuery } from './queries';

/** The weekly sheets of a notebook, week by week. */
export function SheetsScreen() {
  const { notebook = '' } = useParams();
  const sheets = useSuspenseQuery(sheetsQuery(notebook)).data;
  return (
    <div className="max-w-3xl">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <Heading name="Looking back, week by week" />
        <span className="flex flex-wrap gap-x-4">
          <Link to="/books" className="font-semibold text-petrol hover:underline">
            Book of the year
          </Link>
          <Link to="/prompts" className="font-semibold text-petrol hover:underline">
            Questions of your own
          </Link>
        </span>
      </div>
      <Card>
        <ul>
          {sheets.map((sheet) => (
            <li key={sheet.week}>
              <Link
                to={`/n/${notebook}/reflections/${sheet.week}`}
                className="flex items-baseline gap-4 border-b border-line py-2 last:border-0 hover:text-petrol max-sm:flex-wrap max-sm:gap-x-3 max-sm:gap-y-0"
              >
                <span className={`self-center ${sheet.isWritten ? 'text-ink' : 'text-line'}`}>
                  <Shape kind="REFLECTION" silent />
                </span>
                <b className="w-18 shrink-0">Week {sheet.week}</b>
                <span className="w-32 shrink-0 text-[13px] whitespace-nowrap text-soft max-sm:w-auto">
                  from {dayName(sheet.monday)}
                </span>
                <span
                  className={`flex-1 max-sm:order-last max-sm:basis-full max-sm:pl-8 ${sheet.isWritten ? '' : 'text-soft'}`}
                >
                  {standing(sheet)}
                </span>
                <span className="text-[13px] text-soft">
                  {sheet.words > 0 && plural(sheet.words, 'word')}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </Card>
      <OnPieces notebook={notebook} />
    </div>
  );
}

function standing({ isWritten, met, prompts, letGo }: Api['SheetLine']): string {
  if (letGo) return `let go: ${letGo}`;
  if (!isWritten) return 'not written yet';
  return met === prompts
    ? 'every question answered in full'
    : `${met} of ${plural(prompts, 'question')} answered in full`;
}
