import type { ReactNode } from 'react';
import { SoundPlayer } from '../voice';
import { placeWords, type Remark, SIGN_WORDS } from './anchor';

type Props = {
  remark: Remark;
  /** Who said it and when, where that is not clear. */
  from?: string;
  /** What can be done with it. */
  children?: ReactNode;
};

/** A remark: its number, what it is about, what was typed, said or drawn, and what the student answers. */
export function RemarkCard({ remark, from, children }: Props) {
  const { number, words, sound, drawing, sign, answer, anchor, author } = remark;
  const place = anchor.about === 'WHOLE' ? '' : placeWords(anchor);
  return (
    <div className="border-l-[3px] border-brass bg-wash px-2.5 py-1.5">
      <p>
        <b className="mr-1.5 text-brass">{from ?? number}</b>
        {sign && <b className="mr-1.5">{SIGN_WORDS[sign]}</b>}
        {words}
        {!!drawing && !words && !sign && 'Drawn over the work'}
        {sound && !words && 'Spoken'}
      </p>
      {place && <p className="text-[13px] text-soft">{place}</p>}
      {sound && (
        <div className="mt-1">
          <SoundPlayer id={remark.id} media={sound} name={`Remark ${number}, spoken by ${author}`} />
        </div>
      )}
      {answer && (
        <p className="mt-1 border-l-2 border-petrol pl-2">
          <span className="text-[13px] text-soft">Answer: </span>
          {answer}
        </p>
      )}
      {children}
    </div>
  );
}
