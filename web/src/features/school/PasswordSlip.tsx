import type { Api } from '../../api';
import { Button, Card } from '../../ui';

/** Names and first passwords, to be printed or copied now; they are shown nowhere else. */
export function PasswordSlip({ slips, onDone }: { slips: Api['NewPassword'][]; onDone: () => void }) {
  return (
    <Card title="New passwords" className="mb-3.5">
      <p className="mb-2 text-soft">They are shown this once. Print them or write them down.</p>
      <table className="mb-3 w-full text-left">
        <thead className="text-[13px] text-soft">
          <tr>
            <th className="py-1 pr-4 font-semibold">Signs in as</th>
            <th className="py-1 font-semibold">Password</th>
          </tr>
        </thead>
        <tbody>
          {slips.map((slip) => (
            <tr key={slip.userName} className="border-t border-line/60">
              <td className="py-1.5 pr-4 font-semibold">{slip.userName}</td>
              <td className="py-1.5 font-head text-[16px] font-bold select-all">{slip.password}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="no-print flex gap-2">
        <Button onClick={() => window.print()}>Print</Button>
        <Button look="act" onClick={onDone}>
          Done
        </Button>
      </div>
    </Card>
  );
}
