import { beforeEach, expect, test, vi } from 'vitest';
import { Player } from './Player';

/** Stands for the browser's sound: time goes as the test says. */
class Sound {
  currentTime = 0;
  playbackRate = 1;
  preload = '';
  src = '';
  ontimeupdate?: () => void;
  onplay?: () => void;
  onpause?: () => void;
  getAttribute = () => this.src;
  play = async () => this.onplay?.();
  pause = () => this.onpause?.();
  goTo(second: number) {
    this.currentTime = second;
    this.ontimeupdate?.();
  }
}

let sound: Sound;
let player: Player;
const LESSON = { id: 'e1', url: '/a', name: 'Lesson', seconds: 60, silences: [{ from: 4_000, to: 9_500 }] };
const OTHER = { ...LESSON, id: 'e2', url: '/b' };

beforeEach(() => {
  sound = new Sound();
  vi.stubGlobal('Audio', function audio() {
    return sound;
  });
  player = new Player();
});

const at = () => player.snapshot().at;

test('goes on where a sound stood, and begins another at its start', () => {
  player.play(LESSON);
  sound.goTo(12);
  player.toggle(LESSON);
  expect(player.snapshot().isPlaying).toBe(false);
  player.toggle(LESSON);
  expect(at()).toBe(12);
  player.play(OTHER);
  expect([at(), sound.src]).toEqual([0, '/b']);
});

test.each([
  ['back and on', () => player.by(-5), 15],
  ['not before its start', () => player.by(-50), 0],
  ['not past its end', () => player.by(50), 60],
])('moves by seconds: %s', (_, act, expected) => {
  player.play(LESSON, 20);
  act();
  expect(at()).toBe(expected);
});

test('passes over what is silent only when it is asked to', () => {
  player.play(LESSON);
  sound.goTo(5);
  expect(at()).toBe(5);
  player.setSkipsSilence(true);
  sound.goTo(5.2);
  expect(at()).toBe(9.5);
});

test('plays a part again and again until it is ended', () => {
  player.play(LESSON, 10);
  player.loop();
  sound.goTo(14);
  player.loop();
  expect(at()).toBe(10);
  sound.goTo(14.1);
  expect(at()).toBe(10);
  player.loop();
  sound.goTo(14.1);
  expect(at()).toBe(14.1);
});

test('keeps its speed from one sound to the next', () => {
  player.setRate(1.5);
  player.play(LESSON);
  sound.playbackRate = 1;
  player.play(OTHER);
  expect(sound.playbackRate).toBe(1.5);
});
