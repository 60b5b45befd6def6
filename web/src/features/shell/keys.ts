/** Keys that belong together, and the screens on which they act. */
export type Group = { name: string; at: RegExp; keys: [key: string, what: string][] };

const PAGE = /\/p\/[^/]+$/;

export const KEYS: Group[] = [
  {
    name: 'On a page',
    at: PAGE,
    keys: [
      ['W', 'Write a typed entry'],
      ['I', 'Draw with pen or mouse'],
      ['P', 'Photo, or pages of paper at the scan bench'],
      ['R', 'Record, or choose a sound file'],
      ['F', 'Files, or the words of one as typed text'],
      ['L', 'A link to a web page'],
      ['N', 'Notch the chosen entry'],
      ['K  Q  T', 'Mark the chosen entry: key, open question, task'],
      ['4 to 9', 'Marks of your own'],
      ['B', 'A note beside the chosen entry'],
      ['Z', 'The next zone of the page, to write into'],
      ['V', 'Review: fold the page to what you marked'],
      ['S', 'Another page beside this one'],
      ['Alt ↑ Alt ↓', 'Move the chosen entry'],
      ['Esc  Enter', 'Out of a text with its entry chosen, so that single keys work; back into it'],
      ['Ctrl Z', 'Take back a move or a deletion; on a drawing, a stroke'],
    ],
  },
  {
    name: 'While typing',
    at: PAGE,
    keys: [
      ['Alt 1 to Alt 9', 'Mark the line or the selected words'],
      ['Alt B', 'A note beside the line, where the page has a column'],
      ['Alt C', 'Copy the selected words to the page beside'],
    ],
  },
  {
    name: 'On a drawing or a picture',
    at: PAGE,
    keys: [
      [', .  arrows  + −', 'Go through what is there, move it, change its size'],
      ['Ctrl A C X V D', 'Choose all, copy, cut, paste, duplicate'],
    ],
  },
  {
    name: 'While a recording runs or is heard',
    at: PAGE,
    keys: [
      ['M', 'Mark this moment while a recording runs'],
      ['H  ,  .', 'Hear the recording or stop it, 5 s back, 5 s on'],
    ],
  },
  {
    name: 'In a section',
    at: /\/s\/[^/]+$/,
    keys: [['W', 'Make a page']],
  },
  {
    name: 'At the scan bench',
    at: /\/scan\//,
    keys: [
      ['C  T  X', 'Find the corners, turn, leave out or take in'],
      ['1  2  3', 'As taken, even light, ink on white'],
    ],
  },
  {
    name: 'At unfiled work',
    at: /\/unfiled$/,
    keys: [['1  2  3  O  D  X', 'Notch as suggested, another point, not the first, no syllabus work']],
  },
  {
    name: 'Looking through the lines of a syllabus',
    at: /^\/(new|syllabi)$|\/edition$/,
    keys: [
      ['→  ←', 'The chosen lines one level in, one level out'],
      ['↑  ↓', 'The line above, the line below; with Shift several'],
      ['J', 'Join with the line above, or the chosen lines with each other'],
      ['Enter', 'Change the words; within them, part the line there'],
      ['X', 'Leave out'],
      ['Y  G', 'It is right as it is; to the next line that is asked about'],
      ['Ctrl Z', 'Take the last change back'],
    ],
  },
  {
    name: 'While checking',
    at: /\/(set-work|unasked)\/[^/]+\/[^/]+$/,
    keys: [
      ['↓  ↑', 'The next entry, the one before'],
      ['S', 'The next sentence of a text'],
      ['W  R  I', 'Write, speak, draw what you say about it'],
      ['1 … 9', 'A sentence of your own'],
      ['A  L', 'Agree, look again'],
      ['C', 'Versions beside each other'],
      ['P', 'Stay at this piece from student to student'],
      ['→  ←', 'The next student, the one before'],
      ['M', 'The levels; there a digit chooses one and goes on'],
      ['F', 'Read it as a book'],
      ['Y  B', 'Checked, send back'],
    ],
  },
  {
    name: 'In a book',
    at: /\/read$/,
    keys: [
      ['→  ←', 'The next page, the one before; a clicker does the same'],
      ['Home  End', 'The first leaf, the last'],
      ['+  −', 'Larger, smaller'],
      ['F', 'Full screen, and back'],
      ['Esc', 'Close it'],
    ],
  },
  {
    name: 'Everywhere',
    at: /./,
    keys: [
      ['G', 'Go to another room, by its letter'],
      ['/', 'Find words, codes, pages'],
      ['?', 'These keys'],
    ],
  },
];
