/** What stands before a name and is none of it. */
const TITLE = /^(?:mr|mrs|ms|miss|mx|dr|prof|sir)\.?\s+(?=\S)/i;

/** A name to sign in with, made of a full name: its first word in small letters without accents. */
export const userNameOf = (fullName: string): string =>
  (fullName.trim().replace(TITLE, '').split(/\s+/)[0] ?? '')
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]/g, '');
