import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Card, Radios, Trouble } from '../../ui';
import { keepLinkRule, linkRuleQuery } from './queries';

const RULES = {
  FREE: 'Students give them themselves',
  CONSENT: 'A teacher says yes first',
  NONE: 'Nobody gives any',
} as const;

/** Who decides in the school about links for readers outside. */
export function LinkRuleCard() {
  const rule = useQuery(linkRuleQuery).data?.rule;
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: keepLinkRule,
    onSettled: () => queries.invalidateQueries({ queryKey: linkRuleQuery.queryKey }),
  });
  if (!rule) return null;
  return (
    <Card title="Links for readers outside">
      <p className="mb-1.5 text-soft">
        By a link a family can read one thing of a student’s without an account. It can be taken back at any
        time.
      </p>
      <Trouble>{keep.error?.message}</Trouble>
      <Radios
        label="Who decides"
        values={RULES}
        value={keep.isPending ? keep.variables : rule}
        onChoose={(next) => keep.mutate(next)}
      />
    </Card>
  );
}
