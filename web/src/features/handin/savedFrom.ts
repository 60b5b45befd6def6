/** Fetches a file and gives it to whoever asked, under the name that the server gives it; comes to that name. */
export async function savedFrom(address: string): Promise<string> {
  const answer = await fetch(address);
  if (!answer.ok) throw new Error(await whatToDo(answer));
  const file = URL.createObjectURL(await answer.blob());
  const link = document.createElement('a');
  link.href = file;
  link.download = nameIn(answer.headers.get('content-disposition') ?? '');
  link.click();
  URL.revokeObjectURL(file);
  return link.download;
}

/** The name in its full letters (RFC 6266), else the plain one. */
export function nameIn(disposition: string): string {
  const full = /filename\*=UTF-8''([^;]+)/i.exec(disposition)?.[1];
  return full ? decodeURIComponent(full) : (/filename="?([^";]+)/.exec(disposition)?.[1] ?? 'copy');
}

const whatToDo = async (answer: Response) => {
  const problem = await answer.json().catch(() => undefined);
  return problem?.detail ?? 'The copy could not be made. Try once more.';
};
