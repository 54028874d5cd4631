import { useState } from "react";

const rateOf = (text: string | null): number | null => {
  const rate = Number(text);
  return text !== null && Number.isFinite(rate) && rate >= 60 && rate <= 240 ? rate : null;
};

/** Words a minute of whoever sits at this device, measured once; null: the usual ones. */
export function useSpeechRate(person: string) {
  const place = `wexis.speech.${person}`;
  const [rate, setRate] = useState(() => rateOf(localStorage.getItem(place)));
  return {
    rate,
    keep: (measured: number | null) => {
      if (measured === null) localStorage.removeItem(place);
      else localStorage.setItem(place, String(measured));
      setRate(measured);
    },
  };
}
