import { useMutation } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api, said, type Schemas } from "../../shell/api";
import { Button } from "../../ui/Button";
import { Problem } from "../../ui/States";
import { seconds, type DerivedStep } from "../parts/techniqueModel";

type Press = Schemas["Press"];

/** Tap the rhythm once: one press for each repetition, kept down as long as it is held. The core reads count, hold and tempo from it. */
export function RhythmPad({
  derived,
  onRead,
}: {
  derived: DerivedStep | undefined;
  onRead: (rhythm: Schemas["TappedRhythm"]) => void;
}) {
  const [open, setOpen] = useState(false);
  const [presses, setPresses] = useState<readonly Press[]>([]);
  const down = useRef<number | null>(null);
  const [isDown, setIsDown] = useState(false);
  const read = useMutation({
    mutationFn: () =>
      said(
        api.POST("/api/techniques/rhythm", {
          body: { presses: [...presses], tempo: derived?.completed.tempo ?? null, sides: derived?.sides ?? null },
        }),
      ),
    onSuccess: (rhythm) => {
      onRead(rhythm);
      close();
    },
  });
  const close = () => {
    setOpen(false);
    setPresses([]);
    down.current = null;
  };
  const press = (atMs: number) => {
    if (down.current !== null) return;
    down.current = atMs;
    setIsDown(true);
  };
  const release = (atMs: number) => {
    if (down.current === null) return;
    const begun = down.current;
    down.current = null;
    setIsDown(false);
    setPresses((p) => [...p, { down_s: begun / 1000, up_s: atMs / 1000 }]);
  };
  if (!open)
    return (
      <Button size="line" tone="quiet" onClick={() => setOpen(true)}>
        or tap the rhythm
      </Button>
    );
  const last = presses[presses.length - 1];
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3" data-rhythm>
      <button
        type="button"
        autoFocus
        className="min-h-20 min-w-52 touch-none rounded-mark border-2 border-now bg-now-wash px-4 text-left data-[down=true]:bg-now data-[down=true]:text-on-now"
        data-down={isDown}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          press(e.timeStamp);
        }}
        onPointerUp={(e) => release(e.timeStamp)}
        onPointerCancel={() => {
          down.current = null;
          setIsDown(false);
        }}
        onKeyDown={(e) => {
          if (e.key !== " ") return;
          e.preventDefault();
          if (!e.repeat) press(e.timeStamp);
        }}
        onKeyUp={(e) => {
          if (e.key === " ") release(e.timeStamp);
        }}
      >
        <span className="block font-semibold">Press here, or Space</span>
        <span className="block text-sm">once for each repetition; keep it down while it is held</span>
      </button>
      <span className="text-lg font-semibold" role="status">
        {presses.length} {presses.length === 1 ? "repetition" : "repetitions"}
        {last && (
          <span className="block text-sm font-normal text-faded">last one {seconds(last.up_s - last.down_s)} down</span>
        )}
      </span>
      <span className="flex gap-2">
        <Button tone="now" size="key" disabled={presses.length === 0 || read.isPending} onClick={() => read.mutate()}>
          Use this rhythm
        </Button>
        <Button size="line" tone="quiet" onClick={close}>
          cancel
        </Button>
      </span>
      {read.isError && <Problem error={read.error} />}
    </div>
  );
}
