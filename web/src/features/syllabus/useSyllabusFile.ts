import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { Api } from '../../api';
import { lookIntoSyllabus, type SyllabusLook } from './syllabusFile';

/** A file that somebody chose, what the server sees in it, and which of its columns hold what. */
export function useSyllabusFile() {
  const [file, setFile] = useState<File>();
  const [look, setLook] = useState<SyllabusLook>();
  const asked = useRef<Api['ColumnView'][]>(undefined);
  const looking = useMutation({
    mutationFn: ({ of, places }: { of: File; places?: Api['ColumnView'][] }) => lookIntoSyllabus(of, places),
    // An answer for columns that were chosen anew since comes too late.
    onSuccess: (seen, { places }) => places === asked.current && setLook(seen),
    onError: () => setLook(undefined),
  });
  return {
    file,
    look,
    trouble: looking.error?.message,
    choose: (of: File | undefined) => {
      asked.current = undefined;
      setFile(of);
      setLook(undefined);
      if (of) looking.mutate({ of });
    },
    choosePlaces: (places: Api['ColumnView'][]) => {
      asked.current = places;
      if (look) setLook({ ...look, columns: places });
      if (file) looking.mutate({ of: file, places });
    },
  };
}
