import { useState } from "react";

const HAND_KEY = "wexis.grading-hand";
const SEAT_KEY = "wexis.grading-seat";

/** From where the trainee is seen: it decides on which side left stands. The trainee's own side is what is stored. */
export const SEATS = [
  { id: "facing", word: "facing them" },
  { id: "behind", word: "behind them" },
  { id: "mirror", word: "in a mirror" },
] as const;
export type SeatId = (typeof SEATS)[number]["id"];
export type KeyHand = "left" | "right";

/** Where the assessor sits, and with which hand they press: kept on this device. */
export function useSeat() {
  const [hand, setHand] = useState<KeyHand>(localStorage.getItem(HAND_KEY) === "right" ? "right" : "left");
  const [seat, setSeat] = useState<SeatId>(SEATS.find((s) => s.id === localStorage.getItem(SEAT_KEY))?.id ?? "facing");
  return {
    hand,
    seat,
    useHand: (to: KeyHand) => {
      localStorage.setItem(HAND_KEY, to);
      setHand(to);
    },
    sit: (to: SeatId) => {
      localStorage.setItem(SEAT_KEY, to);
      setSeat(to);
    },
  };
}

export type Seat = ReturnType<typeof useSeat>;
