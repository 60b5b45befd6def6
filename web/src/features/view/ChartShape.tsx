import { Empty, percent, plural } from '../../ui';
import { ChartDrawing } from './ChartDrawing';
import { type Aspect, amount, shown } from './details';
import type { ShapeProps } from './shapeProps';

/** How many things there are by a detail, or what a number of theirs adds up to; with the table behind it. */
export function ChartShape({ seen, aspects, by, look }: ShapeProps) {
  const number = look.height === 'COUNT' ? undefined : aspects.find(({ key }) => key === look.number);
  const chart = seen.chart(by.key, by.scale, number ? look.height : 'COUNT', number?.key ?? '');
  const from = chart.from();
  const to = chart.to();
  const counts = chart.counts();
  const amounts = chart.amounts();
  const bars = from.map((start, i) => ({
    name: barName(by, chart.span(), start, to[i] ?? start),
    count: counts[i] ?? 0,
    amount: amounts[i] ?? 0,
  }));
  const unit = number?.own?.unit;
  const shares = look.drawn === 'SHARES' ? [...chart.shares()] : [];
  if (bars.length === 0)
    return <Empty>No thing that is seen has “{by.name}”, so nothing can be counted.</Empty>;
  return (
    <figure className="rounded-md bg-card p-3.5">
      <div className="overflow-x-auto" aria-hidden="true">
        <ChartDrawing drawn={look.drawn ?? 'BARS'} bars={bars} shares={shares} unit={unit} />
      </div>
      {look.drawn === 'SHARES' && shares.length === 0 && (
        <p className="text-soft">These numbers are no parts of a whole, so they stand as bars.</p>
      )}
      <figcaption className="mt-1 text-[13.5px]">
        {chart.without() > 0 && (
          <p className="text-soft">
            {plural(chart.without(), 'thing')} without {by.name.toLowerCase()}.
          </p>
        )}
        <details className="mt-1">
          <summary className="cursor-pointer font-semibold text-petrol">The figures as a table</summary>
          <table className="mt-1">
            <thead>
              <tr className="border-b border-line text-left">
                <th scope="col" className="py-1 pr-6 font-semibold">
                  {by.name}
                </th>
                <th scope="col" className="px-2 text-right font-semibold">
                  Things
                </th>
                {number && (
                  <th scope="col" className="px-2 text-right font-semibold">
                    {number.name}, {look.height === 'SUM' ? 'sum' : 'mean'}
                  </th>
                )}
                {shares.length > 0 && (
                  <th scope="col" className="px-2 text-right font-semibold">
                    Share
                  </th>
                )}
              </tr>
            </thead>
            <tbody>
              {bars.map((bar, at) => (
                <tr key={bar.name} className="border-b border-line">
                  <th scope="row" className="py-1 pr-6 text-left font-normal">
                    {bar.name}
                  </th>
                  <td className="px-2 text-right">{bar.count}</td>
                  {number && <td className="px-2 text-right">{amount(bar.amount, unit)}</td>}
                  {shares.length > 0 && <td className="px-2 text-right">{percent(shares[at] ?? 0, 1)}</td>}
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      </figcaption>
    </figure>
  );
}

/** A value; or from which number on; or a day, the week of one, a month or a year. */
function barName(by: Aspect, span: string, from: string, to: string): string {
  if (by.scale === 'NUMBERS') return `${amount(Number(from))} to ${amount(Number(to), by.own?.unit)}`;
  if (span === 'WEEK') return `week of ${shown(by, from)}`;
  if (span === 'MONTH')
    return new Date(from).toLocaleDateString('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
  return span === 'YEAR' ? from.slice(0, 4) : shown(by, from);
}
