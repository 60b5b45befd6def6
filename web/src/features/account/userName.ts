/** A name to sign in with, made of a full name: its first word in small letters without accents. */
export const userNameOf = (fullName: string): string =>
  (fullName.trim().split(/\s+/)[0] ?? '')
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]/g, '');
