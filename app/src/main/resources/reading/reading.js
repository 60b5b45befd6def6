// Makes a page for a reader larger, and reads it aloud. Without this the page is all there too.
const tools = document.querySelector('.tools');
const LARGEST = 2;
const SMALLEST = 0.8;
const STEP = 1.15;
let size = 1;

const grow = (by) => {
  size = Math.min(LARGEST, Math.max(SMALLEST, size * by));
  document.documentElement.style.fontSize = `${100 * size}%`;
};

// In pieces: browsers stop in the middle of long ones.
const aloud = (button) => {
  const isSpeaking = button.getAttribute('aria-pressed') === 'true';
  speechSynthesis.cancel();
  button.setAttribute('aria-pressed', String(!isSpeaking));
  if (isSpeaking) return;
  const pieces = document.querySelector('main').innerText.split(/\n+/).filter((words) => words.trim());
  pieces.forEach((words, at) => {
    const speaking = new SpeechSynthesisUtterance(words);
    if (at === pieces.length - 1) speaking.onend = () => button.setAttribute('aria-pressed', 'false');
    speechSynthesis.speak(speaking);
  });
};

const DOES = { smaller: () => grow(1 / STEP), larger: () => grow(STEP), aloud };

if (tools) {
  tools.hidden = false;
  if (!('speechSynthesis' in window)) tools.querySelector('[data-does="aloud"]').remove();
  tools.addEventListener('click', ({ target }) => DOES[target.dataset.does]?.(target));
}
