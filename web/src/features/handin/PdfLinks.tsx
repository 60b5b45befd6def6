const PAPERS = { A4: 'A4', LETTER: 'Letter' };

/** The ways to a PDF, one for each paper that schools print on. */
export function PdfLinks({ href, name }: { href: string; name: string }) {
  return (
    <span className="flex flex-wrap gap-2">
      {Object.entries(PAPERS).map(([paper, words]) => (
        <a
          key={paper}
          href={`${href}?paper=${paper}`}
          download
          className="rounded-md border border-line px-3 py-1.5 font-semibold hover:border-petrol"
        >
          {name}, {words}
        </a>
      ))}
    </span>
  );
}
