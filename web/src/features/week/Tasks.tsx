import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Card, dayName } from '../../ui';
import { placeOf } from '../mark';
import { weekQuery } from './queries';

type Task = Api['TaskView'];

/** The tasks of a week that were marked in notes: to tick off here, with a way to where each stands. */
export function Tasks({ week, today }: { week: Api['WeekView']; today: string }) {
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  if (week.tasks.length === 0) return null;
  const tick = (task: Task) => {
    const isDone = !task.isDone;
    queries.setQueryData(
      weekQuery(week.monday).queryKey,
      (now) =>
        now && { ...now, tasks: now.tasks.map((one) => (one.id === task.id ? { ...one, isDone } : one)) },
    );
    const { of: pageId, marks } = placeOf(task.where);
    outbox.act({
      pageId,
      method: 'PUT',
      path: `${marks}/${task.id}`,
      body: { kind: 'TASK', passage: task.passage, due: task.due, isDone },
    });
  };
  return (
    <Card
      title="Tasks"
      aside={
        <Link to="/marks?kind=TASK" className="text-[13px] text-petrol hover:underline">
          All tasks
        </Link>
      }
    >
      <ul>
        {week.tasks.map((task) => (
          <li key={task.id} className="flex items-center gap-3 border-b border-line py-1.5 last:border-0">
            <input
              type="checkbox"
              aria-label={`Done: ${task.words}`}
              checked={task.isDone}
              onChange={() => tick(task)}
              className="h-6 w-6 shrink-0 accent-petrol"
            />
            <Link
              to={placeOf(task.where).to}
              className={`min-w-0 flex-1 truncate hover:text-petrol ${task.isDone ? 'text-soft line-through' : ''}`}
            >
              {task.words}
            </Link>
            <span
              className={`text-[13px] whitespace-nowrap ${isLate(task, today) ? 'text-rust' : 'text-soft'}`}
            >
              {task.due ? `${isLate(task, today) ? 'late, ' : ''}${dayName(task.due)}` : task.where.name}
            </span>
          </li>
        ))}
      </ul>
    </Card>
  );
}

const isLate = (task: Task, today: string) => !task.isDone && !!task.due && task.due < today;
