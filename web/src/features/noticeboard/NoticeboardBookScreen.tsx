import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useKeys } from '../../ui';
import { Book } from '../handin/sealed';
import { boardQuery, pieceQuery } from './queries';

/** The pieces of a class in front of all, one after the other; whose they are is shown or not. */
export function NoticeboardBookScreen() {
  const { class: schoolClass = '', piece: id = '' } = useParams();
  const { pieces } = useSuspenseQuery(boardQuery(schoolClass)).data;
  const shown = pieces.filter(({ standing, audience }) => standing === 'SHOWN' && audience === 'CLASS');
  const at = shown.findIndex((one) => one.id === id);
  const next = shown[at + 1]?.id;
  const before = shown[at - 1]?.id;
  const { line, pages } = useSuspenseQuery(pieceQuery(id)).data;
  useQuery({ ...pieceQuery(next ?? ''), enabled: !!next });
  const [isNamed, setNamed] = useState(localStorage.getItem(NAMED) !== 'no');
  const name = () => {
    localStorage.setItem(NAMED, isNamed ? 'no' : 'yes');
    setNamed(!isNamed);
  };
  useKeys({ n: name });
  const go = useNavigate();
  const to = (piece: string) => () => go(`/classes/${schoolClass}/noticeboard/${piece}/read`);
  return (
    <Book
      key={id}
      title={line.title}
      about={[...(isNamed ? [line.by] : []), ...(line.words ? [line.words] : [])]}
      content={{ pages, reflections: [] }}
      onBefore={before ? to(before) : undefined}
      onAfter={next ? to(next) : undefined}
      onClose={() => go(`/classes/${schoolClass}/noticeboard`)}
      more={{ name: isNamed ? 'Without names' : 'With names', keyName: 'N', onPress: name }}
    />
  );
}

/** Whether names are shown is kept for the next lesson on this device. */
const NAMED = 'noticeboard-names';
