import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../api';
import { type Style, styleQuery } from './queries';

/** The style of one's references: what is cited anywhere is listed in it. */
export function useStyle() {
  const queries = useQueryClient();
  const style = useQuery(styleQuery).data?.style ?? 'APA';
  const choose = async (next: Style) => {
    queries.setQueryData(styleQuery.queryKey, { style: next });
    await unwrap(api.PUT('/api/reference-style', { body: { style: next } }));
    await queries.invalidateQueries({ queryKey: ['citation'] });
  };
  return { style, choose };
}
