import { useMutation, useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api, problemOf, said } from "../shell/api";
import { Button } from "../ui/Button";

/** A paragraph is read aloud against one button: the seconds of the script are then the trainer's own. */
export function SpeechRate({ rate, onRate }: { rate: number | null; onRate: (rate: number | null) => void }) {
  const [open, setOpen] = useState(false);
  const [reading, setReading] = useState(false);
  const began = useRef(0);
  const test = useQuery({
    queryKey: ["speech-test"],
    queryFn: () => said(api.GET("/api/routines/speech")),
    enabled: open,
  });
  const measure = useMutation({
    mutationFn: (seconds: number) => said(api.POST("/api/routines/speech", { body: { seconds } })),
    onSuccess: ({ words_per_minute }) => {
      onRate(words_per_minute);
      setOpen(false);
    },
  });
  if (!open)
    return (
      <span className="no-print">
        <Button size="line" tone="quiet" onClick={() => setOpen(true)}>
          {rate === null ? "measure how fast you speak" : "measure again"}
        </Button>
        {rate !== null && (
          <Button size="line" tone="quiet" onClick={() => onRate(null)}>
            use the usual rate
          </Button>
        )}
      </span>
    );
  return (
    <div className="no-print my-2 max-w-prose border-l-2 border-now pl-3">
      <p className="text-sm text-faded">
        Press, read this aloud as you speak to a group, and press again. The space bar does it too.
      </p>
      <p className="my-1 font-serif text-lg">{test.data?.paragraph}</p>
      <Button
        tone="now"
        autoFocus
        disabled={!test.data || measure.isPending}
        onClick={() => {
          if (!reading) {
            began.current = performance.now();
            setReading(true);
            return;
          }
          setReading(false);
          measure.mutate((performance.now() - began.current) / 1000);
        }}
      >
        {reading ? "I have read it" : "I begin to read"}
      </Button>{" "}
      <Button size="line" tone="quiet" onClick={() => setOpen(false)}>
        not now
      </Button>
      {measure.isError && (
        <p role="alert" className="text-sm font-medium text-wrong">
          {problemOf(measure.error).lines[0] ?? problemOf(measure.error).title}
        </p>
      )}
    </div>
  );
}
