/** What is heard at the bench: accepted, doubted, place finished. */
export type Sound = 'accepted' | 'doubted' | 'finished';

/** Hertz and seconds: one short tone, two low ones, two rising ones. Told apart by rhythm as well as by pitch. */
const TONES: Record<Sound, [hertz: number, at: number, lasts: number][]> = {
  accepted: [[880, 0, 0.09]],
  doubted: [
    [330, 0, 0.14],
    [330, 0.2, 0.14],
  ],
  finished: [
    [660, 0, 0.1],
    [990, 0.12, 0.18],
  ],
};

let speaker: AudioContext | undefined;

/** Plays a sound. Silent where the browser has no speaker, or lets none be used before the first touch. */
export function play(sound: Sound): void {
  if (typeof AudioContext === 'undefined') {
    return;
  }
  speaker ??= new AudioContext();
  const { currentTime, destination } = speaker;
  for (const [hertz, at, lasts] of TONES[sound]) {
    const tone = speaker.createOscillator();
    const loudness = speaker.createGain();
    tone.frequency.value = hertz;
    loudness.gain.setValueAtTime(0.2, currentTime + at);
    loudness.gain.exponentialRampToValueAtTime(0.001, currentTime + at + lasts);
    tone.connect(loudness).connect(destination);
    tone.start(currentTime + at);
    tone.stop(currentTime + at + lasts);
  }
}
