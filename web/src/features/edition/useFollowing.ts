import { useQueryClient } from '@tanstack/react-query';

/** Asks anew for everything that follows from a notebook's edition and exam. */
export function useFollowing(notebook: string) {
  const queries = useQueryClient();
  const keys = [
    ['contents', notebook],
    ['syllabus', notebook],
    ['coverage', notebook],
    ['moves', notebook],
    ['move-preview', notebook],
    ['notebooks'],
    ['page'],
    ['to-cover'],
    ['needle', notebook],
    ['unfiled', notebook],
  ];
  return () => Promise.all(keys.map((queryKey) => queries.invalidateQueries({ queryKey })));
}
