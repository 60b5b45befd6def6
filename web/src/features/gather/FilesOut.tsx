const FORMS = {
  TABLE: 'Table (CSV)',
  BOOKMARKS: 'Bookmarks',
  BIBTEX: 'BibTeX',
  RIS: 'RIS',
  CSL_JSON: 'CSL JSON',
  BOARD: 'Board (SVG)',
};

/** A collection as files that other programs read. */
export function FilesOut({ collection }: { collection: string }) {
  return (
    <div className="basis-full">
      <h3 className="mb-1 text-[14.5px]">For other programs</h3>
      <ul className="flex flex-wrap gap-x-4 gap-y-1">
        {Object.entries(FORMS).map(([form, name]) => (
          <li key={form}>
            <a
              href={`/api/collections/${collection}/files/${form}`}
              download
              className="inline-flex min-h-7 items-center font-semibold text-petrol hover:underline"
            >
              {name}
            </a>
          </li>
        ))}
      </ul>
    </div>
  );
}
