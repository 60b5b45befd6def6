import { useRef } from 'react';
import { useNear } from '../../ui';
import { ProseView } from './ProseView';
import { TextEditor, type TextProps } from './TextEditor';

/** Typed text on a page. An editor costs more than the words it holds, so it is made when the text is near the window. */
export function TypedEntry(props: TextProps) {
  const box = useRef<HTMLDivElement>(null);
  const isNear = useNear(box);
  return (
    <div ref={box}>
      {isNear || props.isChosen ? <TextEditor {...props} /> : <ProseView content={props.content} />}
    </div>
  );
}
