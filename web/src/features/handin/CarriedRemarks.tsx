import type { Api } from '../../api';
import { Button } from '../../ui';

type Carried = Api['CarriedView'];

type Props = {
  carried: readonly Carried[];
  remarks: readonly Api['RemarkView'][];
  onSign: (sign: 'AGREE' | 'LOOK_AGAIN', earlier: Carried) => void;
};

/** Remarks on the version before, where they stand now; each is agreed with or asked for again. */
export function CarriedRemarks({ carried, remarks, onSign }: Props) {
  return carried.map((one) => {
    const back = remarks.find((now) => now.goesBackTo === one.remark.id);
    return (
      <div key={one.remark.id} className="border-l-[3px] border-line bg-wash px-2.5 py-1">
        <p>
          <b className="mr-1.5 text-soft">
            {one.remark.number} on version {one.remark.version}
          </b>
          {one.remark.gist}
        </p>
        <p className="text-[13px] text-soft">{becameOf(one)}</p>
        {!back && (
          <div className="flex gap-1">
            <Button look="quiet" className="min-h-[24px]" hotkey="A" onClick={() => onSign('AGREE', one)}>
              Agree
            </Button>
            <Button
              look="quiet"
              className="min-h-[24px]"
              hotkey="L"
              onClick={() => onSign('LOOK_AGAIN', one)}
            >
              Look again
            </Button>
          </div>
        )}
      </div>
    );
  });
}

/** What became of an earlier remark, in words. */
export function becameOf({ remark, anchor, isTouched }: Carried): string {
  const answer = remark.answer ? ` Answer: “${remark.answer}”` : '';
  if (!anchor) return `What it was about is no longer there.${answer}`;
  if (anchor.about !== remark.anchor.about) return `The place it was about is no longer there.${answer}`;
  return `${isTouched ? 'Something changed there.' : 'Nothing changed there.'}${answer}`;
}
