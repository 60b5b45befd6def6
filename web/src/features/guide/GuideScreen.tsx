import { Link, useParams } from 'react-router';
import keeper from '../../../../docs/guide/keeper.md';
import student from '../../../../docs/guide/student.md';
import teacher from '../../../../docs/guide/teacher.md';
import { Card } from '../../ui';
import { useMe } from '../people';

const GUIDES: Record<string, { name: string; html: string }> = {
  student: { name: 'Students', html: student },
  teacher: { name: 'Teachers', html: teacher },
  keeper: { name: 'Whoever looks after it', html: keeper },
};

/** A short guide for each kind of person, with one's own first. */
export function GuideScreen() {
  const me = useMe();
  const { guide = me.role.toLowerCase() } = useParams();
  const chosen = GUIDES[guide] ?? GUIDES.student;
  return (
    <div className="max-w-3xl">
      <title>Guide · Notchbook</title>
      <nav aria-label="Guides" className="mb-2 flex flex-wrap items-baseline gap-4">
        {Object.entries(GUIDES).map(([key, { name }]) => (
          <Link
            key={key}
            to={`/guide/${key}`}
            aria-current={GUIDES[key] === chosen ? 'page' : undefined}
            className={`py-1 font-semibold ${GUIDES[key] === chosen ? 'text-ink' : 'text-petrol hover:underline'}`}
          >
            {name}
          </Link>
        ))}
      </nav>
      <Card>
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: our own text, made HTML while this was built */}
        <div className="guide" dangerouslySetInnerHTML={{ __html: chosen?.html ?? '' }} />
      </Card>
    </div>
  );
}
