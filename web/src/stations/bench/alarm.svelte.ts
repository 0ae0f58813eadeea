const KEPT = "kind-thimble-alarm";
const TONES = [660, 880, 660];
const TONE_S = 0.16;

function isKeptOff(): boolean {
  try {
    return localStorage.getItem(KEPT) === "off";
  } catch {
    return false;
  }
}

/** Three short tones when something is ready; can be off on a device. */
class Alarm {
  isOn = $state(!isKeptOff());
  #audio: AudioContext | undefined;

  turn(isOn: boolean): void {
    this.isOn = isOn;
    try {
      localStorage.setItem(KEPT, isOn ? "on" : "off");
    } catch {
      // It lasts until the page is left.
    }
  }

  ring(): void {
    if (!this.isOn || !("AudioContext" in globalThis)) return;
    this.#audio ??= new AudioContext();
    const audio = this.#audio;
    void audio.resume();
    TONES.forEach((hertz, i) => {
      const tone = audio.createOscillator();
      const volume = audio.createGain();
      const from = audio.currentTime + i * TONE_S * 1.4;
      tone.frequency.value = hertz;
      volume.gain.setValueAtTime(0.0001, from);
      volume.gain.exponentialRampToValueAtTime(0.25, from + 0.02);
      volume.gain.exponentialRampToValueAtTime(0.0001, from + TONE_S);
      tone.connect(volume).connect(audio.destination);
      tone.start(from);
      tone.stop(from + TONE_S);
    });
  }
}

export const alarm = new Alarm();
