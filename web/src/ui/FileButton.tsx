import { useRef } from "react";
import { Button } from "./Button";

/** A button that asks for a file. */
export function FileButton({
  word,
  label,
  accept,
  busy,
  onFile,
  className,
}: {
  word: string;
  /** Names the file for those who hear it. */
  label: string;
  accept: string;
  busy: boolean;
  onFile: (file: File) => void;
  className?: string;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        size="line"
        tone="quiet"
        {...(className ? { className } : {})}
        disabled={busy}
        onClick={() => input.current?.click()}
      >
        {word}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
          e.target.value = "";
        }}
      />
    </>
  );
}
