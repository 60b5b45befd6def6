import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api, sendForm, unwrap } from '../../api';
import { Button, clockTime, Heading, plural, Trouble } from '../../ui';
import { PHOTOS } from './photos';

const KEY = 'notchbook.phone';

/** Tells this phone from others that may open the same link. */
function phoneKey(): string {
  const kept = sessionStorage.getItem(KEY) ?? newId();
  sessionStorage.setItem(KEY, kept);
  return kept;
}

const header = () => ({ 'Phone-Key': phoneKey() });

const send = (secret: string, file: File) =>
  sendForm('PUT', `/api/phone/${secret}/photos/${newId()}`, { blob: file, name: file.name }, header());

/** What a phone shows that opened a bench's link: nothing but a camera for that bench. */
export function PhoneScreen({ secret }: { secret: string }) {
  const queries = useQueryClient();
  const bench = useQuery({
    queryKey: ['phone', secret],
    queryFn: () => unwrap(api.GET('/api/phone/{secret}', { params: { path: { secret }, header: header() } })),
    retry: false,
    gcTime: 0,
  });
  const [left, setLeft] = useState(0);
  const [sent, setSent] = useState(0);
  const [troubles, setTroubles] = useState<string[]>([]);
  const take = async (files: File[]) => {
    setTroubles([]);
    for (const [i, file] of files.entries()) {
      setLeft(files.length - i);
      try {
        await send(secret, file);
        setSent((before) => before + 1);
      } catch (error) {
        setTroubles((before) => [...before, `${file.name}: ${(error as Error).message}`]);
      }
    }
    setLeft(0);
    queries.invalidateQueries({ queryKey: ['phone', secret] });
  };
  return (
    <main className="mx-auto flex min-h-screen max-w-md flex-col gap-4 p-5">
      <p className="font-head text-[17px] font-bold">Notchbook</p>
      {bench.error && <Trouble>{bench.error.message}</Trouble>}
      {bench.data && (
        <>
          <Heading name={`Photos for “${bench.data.page}”`} className="text-[24px]" />
          <label className="flex min-h-24 cursor-pointer items-center justify-center rounded-lg bg-petrol text-[19px] font-semibold text-on-petrol focus-within:outline-2">
            {left > 0 ? `Sending ${plural(left, 'photo')} …` : 'Take a photo'}
            <input
              type="file"
              accept="image/*"
              capture="environment"
              className="sr-only"
              onChange={(event) => take([...(event.target.files ?? [])])}
            />
          </label>
          <label className="flex min-h-12 cursor-pointer items-center justify-center rounded-lg border border-line bg-card font-semibold focus-within:outline-2">
            Choose photos
            <input
              type="file"
              accept={PHOTOS}
              multiple
              className="sr-only"
              onChange={(event) => take([...(event.target.files ?? [])])}
            />
          </label>
          {troubles.map((trouble) => (
            <Trouble key={trouble}>{trouble}</Trouble>
          ))}
          <output className="text-soft">
            {sent > 0 && `${plural(sent, 'photo')} sent. `}
            {plural(bench.data.photos, 'photo')} on the bench. This link works until{' '}
            {clockTime(Date.parse(bench.data.until))}.
          </output>
          {sent > 0 && left === 0 && (
            <p>Look at the other screen: they are there. Take the next one, or close this.</p>
          )}
        </>
      )}
      {troubles.length > 0 && <Button onClick={() => setTroubles([])}>I have seen it</Button>}
    </main>
  );
}
