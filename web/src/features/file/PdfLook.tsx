import { GlobalWorkerOptions, getDocument, type PDFDocumentProxy, TextLayer } from 'pdfjs-dist';
import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';
import { useEffect, useRef, useState } from 'react';
import { Trouble, useNear } from '../../ui';

GlobalWorkerOptions.workerSrc = workerUrl;

/** A page on a screen of double density, in CSS px. */
const WIDTH = 620;

/** The pages of a PDF one below the other, each drawn when it comes near; its words can be selected. */
export function PdfLook({ url, name }: { url: string; name: string }) {
  const [pdf, setPdf] = useState<PDFDocumentProxy>();
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    const task = getDocument({
      url,
      // Nothing in a file may run here.
      isEvalSupported: false,
      enableXfa: false,
      useWasm: false,
      wasmUrl: '/pdf/wasm/',
      cMapUrl: '/pdf/cmaps/',
      standardFontDataUrl: '/pdf/standard_fonts/',
    });
    task.promise.then(setPdf, (error: Error) =>
      setTrouble(
        error.name === 'PasswordException'
          ? 'This PDF asks for a password. Save it to open it with another program.'
          : 'This PDF can’t be read. It may be broken; save it again where it came from.',
      ),
    );
    return () => void task.destroy();
  }, [url]);
  if (trouble)
    return (
      <div className="p-3">
        <Trouble>{trouble}</Trouble>
      </div>
    );
  if (!pdf)
    return (
      <p role="status" className="p-3 text-soft">
        Reading…
      </p>
    );
  return (
    <section
      className="max-h-[640px] overflow-auto bg-wash p-3"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keyboard
      tabIndex={0}
      aria-label={`Inside ${name}`}
    >
      {Array.from({ length: pdf.numPages }, (_, i) => (
        <PdfPage key={`page ${i + 1}`} pdf={pdf} number={i + 1} />
      ))}
    </section>
  );
}

function PdfPage({ pdf, number }: { pdf: PDFDocumentProxy; number: number }) {
  const box = useRef<HTMLDivElement>(null);
  const isNear = useNear(box);
  const [ratio, setRatio] = useState(Math.SQRT2);
  useEffect(() => {
    const place = box.current;
    if (!isNear || !place) return;
    let isGone = false;
    drawn(pdf, number, place.clientWidth || WIDTH).then((page) => {
      if (isGone) return;
      setRatio(page.ratio);
      place.replaceChildren(page.canvas, page.words);
    });
    return () => {
      isGone = true;
      place.replaceChildren();
    };
  }, [pdf, number, isNear]);
  return (
    <figure className="mx-auto mb-3 last:mb-0" style={{ maxWidth: WIDTH }}>
      <div
        ref={box}
        className="relative w-full overflow-hidden bg-sheet shadow-[0_1px_4px_rgb(23_38_45/20%)]"
        style={{ aspectRatio: 1 / ratio }}
      />
      <figcaption className="text-center text-[12px] text-soft">
        {number} of {pdf.numPages}
      </figcaption>
    </figure>
  );
}

/** A page as a picture of a width in CSS px, with its words laid over it. */
async function drawn(pdf: PDFDocumentProxy, number: number, width: number) {
  const page = await pdf.getPage(number);
  const natural = page.getViewport({ scale: 1 });
  const viewport = page.getViewport({ scale: width / natural.width });
  const density = window.devicePixelRatio || 1;
  const canvas = document.createElement('canvas');
  canvas.width = Math.floor(viewport.width * density);
  canvas.height = Math.floor(viewport.height * density);
  canvas.style.width = '100%';
  canvas.setAttribute('aria-hidden', 'true');
  await page.render({ canvas, viewport, transform: [density, 0, 0, density, 0, 0] }).promise;
  const words = document.createElement('div');
  words.className = 'pdf-words';
  words.style.setProperty('--total-scale-factor', String(viewport.scale));
  await new TextLayer({
    textContentSource: await page.getTextContent(),
    container: words,
    viewport,
  }).render();
  return { canvas, words, ratio: viewport.height / viewport.width };
}
