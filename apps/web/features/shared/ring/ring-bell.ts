const BEEPS = 3;
const BEEP_SECONDS = 0.18;
const GAP_SECONDS = 0.32;
const PITCH_HZ = 880;

let audio: AudioContext | undefined;

/** A browser lets a page sound only after a touch: the wait's start is one. */
export function readyBell(): void {
  if (typeof AudioContext === 'undefined') return;
  audio ??= new AudioContext();
  void audio.resume();
}

/** Three beeps and a buzz, where the browser and its owner allow them; the bar tells it all the same. */
export function ringBell(): void {
  if (typeof navigator !== 'undefined' && 'vibrate' in navigator) navigator.vibrate([200, 120, 200]);
  if (audio?.state !== 'running') return;
  for (let i = 0; i < BEEPS; i++) {
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    volume.gain.value = 0.25;
    tone.frequency.value = PITCH_HZ;
    tone.connect(volume).connect(audio.destination);
    const start = audio.currentTime + i * GAP_SECONDS;
    tone.start(start);
    tone.stop(start + BEEP_SECONDS);
  }
}
