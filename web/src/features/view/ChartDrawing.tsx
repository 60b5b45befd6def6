import { Bar, BarChart, CartesianGrid, LabelList, Line, LineChart, XAxis, YAxis } from 'recharts';
import { percent } from '../../ui';
import { amount } from './details';
import type { Look } from './look';

const WIDTH = 940;
const ROW = 34;
const AXIS = 60;
const HIGH = 340;

export type ChartBar = { name: string; count: number; amount: number };
type Props = {
  drawn: NonNullable<Look['drawn']>;
  bars: ChartBar[];
  /** Of each bar; empty where there is no whole. */
  shares: readonly number[];
  unit: string | undefined;
};

/** A chart as bars, as a line, or as the parts of a whole: each says its number, so that no colour is needed. */
export function ChartDrawing({ drawn, bars, shares, unit }: Props) {
  if (drawn === 'LINE') return <AsLine bars={bars} unit={unit} />;
  const parts = bars.map((bar, at) => ({ ...bar, amount: 100 * (shares[at] ?? 0) }));
  return drawn === 'SHARES' && shares.length > 0 ? (
    <AsBars bars={parts} write={(value) => percent(value / 100, 1)} />
  ) : (
    <AsBars bars={bars} write={(value) => amount(value, unit)} />
  );
}

function AsBars({ bars, write }: { bars: ChartBar[]; write: (value: number) => string }) {
  return (
    <BarChart
      width={WIDTH}
      height={AXIS + ROW * bars.length}
      data={bars}
      layout="vertical"
      accessibilityLayer={false}
      margin={{ left: 8, right: 90, top: 4, bottom: 4 }}
    >
      <CartesianGrid horizontal={false} stroke="var(--line)" />
      <XAxis type="number" stroke="var(--soft)" fontSize={12} tickLine={false} />
      <YAxis
        type="category"
        dataKey="name"
        width={190}
        interval={0}
        stroke="var(--ink)"
        fontSize={13}
        tickLine={false}
        axisLine={false}
      />
      <Bar dataKey="amount" fill="var(--petrol)" isAnimationActive={false} maxBarSize={22}>
        <LabelList
          dataKey="amount"
          position="right"
          fill="var(--ink)"
          fontSize={13}
          formatter={(value) => write(Number(value))}
        />
      </Bar>
    </BarChart>
  );
}

function AsLine({ bars, unit }: { bars: ChartBar[]; unit: string | undefined }) {
  return (
    <LineChart
      width={WIDTH}
      height={HIGH}
      data={bars}
      accessibilityLayer={false}
      margin={{ left: 8, right: 40, top: 24, bottom: 4 }}
    >
      <CartesianGrid vertical={false} stroke="var(--line)" />
      <XAxis dataKey="name" stroke="var(--soft)" fontSize={12} tickLine={false} />
      <YAxis stroke="var(--soft)" fontSize={12} tickLine={false} axisLine={false} width={70} />
      <Line
        dataKey="amount"
        stroke="var(--petrol)"
        strokeWidth={2}
        isAnimationActive={false}
        dot={{ r: 4, fill: 'var(--petrol)' }}
      >
        <LabelList
          dataKey="amount"
          position="top"
          fill="var(--ink)"
          fontSize={13}
          formatter={(value) => amount(Number(value), unit)}
        />
      </Line>
    </LineChart>
  );
}
