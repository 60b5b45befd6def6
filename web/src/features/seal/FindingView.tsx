import { moment, plural } from '../../ui';
import type { Finding, Statement } from './finding';

/** What was found of a seal, first in a sentence, then what the seal says. */
export function FindingView({ finding, areKeysKnown }: { finding: Finding; areKeysKnown: boolean }) {
  const { words, look } = sentence(finding, areKeysKnown);
  return (
    <div role="status">
      <p className={`font-semibold ${look}`}>{words}</p>
      {finding.kind === 'changed' && (
        <ul className="mt-1">
          {finding.paths.map((path) => (
            <li key={path} className="font-mono text-[13px]">
              {path}
            </li>
          ))}
        </ul>
      )}
      {finding.kind !== 'none' && <Said said={finding.said} isTrue={finding.kind === 'whole'} />}
      {finding.kind === 'whole' && (
        <p className="mt-2 text-[13px] text-soft">
          {plural(finding.parts, 'part')} · signed with the key {finding.fingerprint}
        </p>
      )}
    </div>
  );
}

function sentence(finding: Finding, areKeysKnown: boolean): { words: string; look: string } {
  switch (finding.kind) {
    case 'whole':
      if (finding.isOurs) return { words: 'The seal holds: not a byte differs.', look: 'text-moss' };
      return {
        words: areKeysKnown
          ? 'Nothing in it differs, but another Notchbook than this one signed it. Ask whose it is.'
          : 'Nothing in it differs. Whose key signed it can’t be told without a network.',
        look: 'text-brass',
      };
    case 'changed':
      return {
        words:
          finding.paths.length > 0
            ? 'The seal is broken. These parts are not as they were sealed:'
            : 'The seal is broken: this PDF is not as Notchbook gave it.',
        look: 'text-rust',
      };
    case 'forged':
      return {
        words:
          'This is a forgery: what the seal says, or its list of parts, was changed after it was signed.',
        look: 'text-rust',
      };
    case 'unsigned':
      return {
        words:
          'This version is from before seals were signed. Nobody can tell from the file whether it is as it was.',
        look: 'text-brass',
      };
    case 'none':
      return { words: finding.words, look: 'text-rust' };
  }
}

/** What the seal says; struck through where it can't be believed. */
function Said({ said, isTrue }: { said: Statement; isTrue: boolean }) {
  const rows = ['Title', 'Student', 'Notebook', 'Version', 'Sealed'].flatMap((name) =>
    said[name] ? [[name, name === 'Sealed' ? moment(said[name]) : said[name]] as const] : [],
  );
  return (
    <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {rows.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-soft">{name}</dt>
          <dd className={isTrue ? '' : 'text-soft line-through'}>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
