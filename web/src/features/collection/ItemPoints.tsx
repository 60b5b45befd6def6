import { type Api, api, unwrap } from '../../api';
import { HelpsWith } from './HelpsWith';

type Props = { collection: string; item: Api['ItemView'] };

/** The points that a thing helps with. */
export function ItemPoints({ collection, item }: Props) {
  const change = (line: string, isCut: boolean) => {
    const request = { params: { path: { id: collection, item: item.id, line } } };
    const path = '/api/collections/{id}/items/{item}/notches/{line}';
    return unwrap(isCut ? api.DELETE(path, request) : api.PUT(path, request));
  };
  return (
    <div>
      <HelpsWith collection={collection} of={item.title} notches={item.notches} change={change} />
    </div>
  );
}
