// What the pot sounds like: noise that softens as the water leaves, and bubbles at their pace. Off until somebody turns it on.

let [context, hiss, gain, filter, nextBubble] = [null, null, null, null, 0];

export const isOn = () => context !== null && context.state === 'running';

export async function turnOn() {
  context ??= new AudioContext();
  await context.resume();
  if (hiss) return;
  const noise = context.createBuffer(1, context.sampleRate * 2, context.sampleRate);
  const data = noise.getChannelData(0);
  for (let i = 0; i < data.length; i++) data[i] = Math.random() * 2 - 1;
  hiss = context.createBufferSource();
  [hiss.buffer, hiss.loop] = [noise, true];
  filter = context.createBiquadFilter();
  filter.type = 'highpass';
  gain = context.createGain();
  gain.gain.value = 0;
  hiss.connect(filter).connect(gain).connect(context.destination);
  hiss.start();
}

export const turnOff = () => context?.suspend();

function bubble(size) {
  const [tone, loud] = [context.createOscillator(), context.createGain()];
  const pitch = 520 - 430 * size;
  tone.frequency.setValueAtTime(pitch * 0.7, context.currentTime);
  tone.frequency.exponentialRampToValueAtTime(pitch * 1.5, context.currentTime + 0.05 + 0.1 * size);
  loud.gain.setValueAtTime(0.06, context.currentTime);
  loud.gain.exponentialRampToValueAtTime(0.0005, context.currentTime + 0.08 + 0.16 * size);
  tone.connect(loud).connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + 0.3);
}

/** At each picture: as loud as its foam, as fast as its bubbles. */
export function sound(look, playing) {
  if (!isOn() || !gain) return;
  const wet = look.phase === 'sauce' ? 0.12 * look.pace : look.phase === 'paste' ? 0.35 * look.pace : look.foam;
  gain.gain.setTargetAtTime(playing ? 0.16 * wet + (look.head > 1 ? 0.12 : 0) : 0, context.currentTime, 0.12);
  filter.frequency.setTargetAtTime(look.phase === 'sauce' ? 900 : 3200, context.currentTime, 0.2);
  if (playing && look.phase === 'sauce' && look.pace > 0 && context.currentTime > nextBubble) {
    bubble(look.size);
    nextBubble = context.currentTime + ((0.05 + 0.9 * look.size ** 1.4) / Math.max(0.08, look.pace)) * (0.5 + Math.random());
  }
}
