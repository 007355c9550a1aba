const TONES_HZ = [660, 880];
const EACH_S = 0.35;

/** Two soft tones; nothing where the browser lets no page sound. */
export function chime() {
  try {
    const sound = new AudioContext();
    TONES_HZ.forEach((hz, i) => {
      const tone = sound.createOscillator();
      const loud = sound.createGain();
      const from = sound.currentTime + i * EACH_S;
      tone.frequency.value = hz;
      loud.gain.setValueAtTime(0.15, from);
      loud.gain.exponentialRampToValueAtTime(0.001, from + EACH_S);
      tone.connect(loud).connect(sound.destination);
      tone.start(from);
      tone.stop(from + EACH_S);
    });
    setTimeout(() => void sound.close(), 2000);
  } catch {
    // A page without sound still shows the alarm.
  }
}
