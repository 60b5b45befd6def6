/** What a file chooser offers as photos; not every system knows the phones' own format by its type. */
export const PHOTOS = 'image/*,.heic,.heif';

export const isPhoto = (file: File) => file.type.startsWith('image/') || /\.hei[cf]$/i.test(file.name);
