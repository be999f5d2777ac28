// A short tone and a short buzz, each only where it was switched on; remembered.
const TONE_HZ = 660;
const TONE_S = 0.07;

export class Signal {
  constructor(sound, buzz) {
    this.sound = sound;
    this.buzz = buzz;
    for (const box of [sound, buzz]) {
      box.checked = localStorage.getItem(`cahier.${box.id}`) === 'yes';
      box.addEventListener('change', () => localStorage.setItem(`cahier.${box.id}`, box.checked ? 'yes' : 'no'));
    }
  }

  /** Browsers let a page sound only after a tap. */
  wake() {
    if (this.sound.checked) this.audio ??= new AudioContext();
  }

  give(times) {
    if (this.buzz.checked) navigator.vibrate?.(Array(times * 2 - 1).fill(60));
    if (!this.sound.checked || !this.audio) return;
    for (let i = 0; i < times; i++) {
      const begin = this.audio.currentTime + i * 3 * TONE_S;
      const tone = new OscillatorNode(this.audio, { frequency: TONE_HZ });
      const quiet = new GainNode(this.audio, { gain: 0.08 });
      tone.connect(quiet).connect(this.audio.destination);
      tone.start(begin);
      tone.stop(begin + TONE_S);
    }
  }
}
