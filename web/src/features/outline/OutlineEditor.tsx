import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useRef, useState } from 'react';
import type { Api } from '../../api';
import { Button, plural } from '../../ui';
import { LineRow } from './LineRow';
import { madeQuery } from './queries';
import type { OutlineActs } from './useOutline';

/** The lines of an outline, to be mended by keys before they are kept. */
export function OutlineEditor({ outline }: { outline: OutlineActs }) {
  const [isTyping, setTyping] = useState(false);
  const list = useRef<HTMLDivElement>(null);
  const made = useMade(outline);
  const asked = outline.lines.filter((line) => line.question).length;
  const stopTyping = () => {
    setTyping(false);
    list.current?.focus();
  };
  const press = (event: KeyboardEvent) => {
    const act = isTyping ? undefined : actOf(event, outline, () => setTyping(true));
    if (!act) return;
    event.preventDefault();
    act();
  };
  return (
    <>
      <ActBar outline={outline} asked={asked} onType={() => setTyping(true)} />
      <div
        ref={list}
        role="tree"
        tabIndex={0}
        aria-label="Lines of the syllabus"
        aria-multiselectable
        aria-activedescendant={outline.lines[outline.place]?.key.replace(' ', '-')}
        onKeyDown={press}
        className="max-h-[56vh] overflow-y-auto border-y border-line outline-offset-2"
      >
        {outline.lines.map((line, at) => (
          <LineRow
            key={line.key}
            line={line}
            code={made?.codes[at] ?? line.number}
            isPoint={line.depth > 0 && (outline.lines[at + 1]?.depth ?? 0) <= line.depth}
            isChosen={at >= outline.range.from && at <= outline.range.to}
            isOpen={isTyping && at === outline.place}
            trouble={made?.lines.find((breach) => breach.line === at + 1)?.message}
            onChoose={(isMore) => {
              setTyping(false);
              outline.choose(at, isMore);
            }}
            onType={() => {
              outline.choose(at);
              setTyping(true);
            }}
            onApprove={outline.approve}
            onChange={outline.change}
            onPart={(letter) => {
              outline.part(letter);
              stopTyping();
            }}
            onDone={stopTyping}
          />
        ))}
      </div>
    </>
  );
}

/** Says what the lines make; while an act is on its way to the server, nothing that fits other lines. */
function useMade({ lines }: OutlineActs): Api['OutlineSizesView'] | undefined {
  const made = useQuery({ ...madeQuery(lines), placeholderData: keepPreviousData });
  return made.data?.codes.length === lines.length ? made.data : undefined;
}

function actOf(event: KeyboardEvent, outline: OutlineActs, type: () => void): (() => void) | undefined {
  if (event.ctrlKey || event.metaKey) return event.key === 'z' ? outline.undo : undefined;
  const acts: Record<string, () => void> = {
    arrowdown: () => outline.choose(outline.place + 1, event.shiftKey),
    arrowup: () => outline.choose(outline.place - 1, event.shiftKey),
    home: () => outline.choose(0),
    end: () => outline.choose(outline.lines.length - 1),
    arrowright: outline.moveIn,
    arrowleft: outline.moveOut,
    j: outline.join,
    x: outline.leaveOut,
    delete: outline.leaveOut,
    y: outline.approve,
    g: outline.goToAsked,
    enter: type,
  };
  return acts[event.key.toLowerCase()];
}

function ActBar({ outline, asked, onType }: { outline: OutlineActs; asked: number; onType: () => void }) {
  return (
    <div className="my-2 flex flex-wrap items-center gap-1.5">
      <Button hotkey="→" onClick={outline.moveIn}>
        In
      </Button>
      <Button hotkey="←" onClick={outline.moveOut}>
        Out
      </Button>
      <Button hotkey="J" onClick={outline.join}>
        Join with the one above
      </Button>
      <Button hotkey="↵" onClick={onType}>
        Change or part
      </Button>
      <Button hotkey="X" onClick={outline.leaveOut}>
        Leave out
      </Button>
      <Button look="quiet" onClick={outline.undo} disabled={!outline.canUndo}>
        Undo
      </Button>
      {asked > 0 && (
        <Button look="quiet" className="ml-auto" hotkey="G" onClick={outline.goToAsked}>
          {plural(asked, 'line')} to look at
        </Button>
      )}
    </div>
  );
}
