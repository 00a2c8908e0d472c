/** Tells that a reading has been saved, as the keeper has chosen; off unless it was. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { keepSignal, readSignal, signalKey, type Signal } from '@/store/signal';

export function useSignal(): {
  readonly signal: Signal;
  readonly setSignal: (signal: Signal) => void;
} {
  const client = useQueryClient();
  const { data = 'none' } = useQuery({
    queryKey: signalKey,
    queryFn: readSignal,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
  return {
    signal: data,
    setSignal: (next) => {
      client.setQueryData(signalKey, next);
      give(next);
      // It is given all the same where it cannot be kept.
      keepSignal(next).catch(() => undefined);
    },
  };
}

export function useFeedback(): () => void {
  const { signal } = useSignal();
  return () => give(signal);
}

function give(signal: Signal): void {
  if (signal === 'vibration') navigator.vibrate?.(15);
  if (signal === 'sound') click();
}

/** A short high click: heard outdoors, no melody. */
function click(): void {
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  const loudness = audio.createGain();
  tone.frequency.value = 1400;
  loudness.gain.setValueAtTime(0.2, audio.currentTime);
  loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.06);
  tone.connect(loudness).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + 0.07);
  tone.onended = () => void audio.close();
}
