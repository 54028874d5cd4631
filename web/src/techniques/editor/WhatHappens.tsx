import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { useState } from "react";
import { useReference } from "../../face/atlas";
import { cn } from "../../ui/cn";
import { fits } from "../parts/spokenSearch";
import type { What } from "../parts/techniqueModel";

const GROUPS: readonly { word: string; bases: ReadonlySet<string> }[] = [
  {
    word: "Brows and nose",
    bases: new Set(["raise-brows", "knit-brows", "scrunch-nose", "flare-nostrils", "narrow-nostrils"]),
  },
  {
    word: "Lids and eyes",
    bases: new Set(["close-lids", "lift-lower-lid", "widen-eyes", "blink", "gaze", "palm-eyes"]),
  },
  {
    word: "Jaw and tongue",
    bases: new Set([
      "open-jaw",
      "clench",
      "jaw-side",
      "jaw-forward",
      "jaw-back",
      "jaw-circle",
      "jaw-rest",
      "chew",
      "swallow",
      "tongue-press-palate",
      "tongue-out",
      "tongue-circle-vestibule",
      "tongue-push-cheek",
      "tongue-push-upper-lip",
      "tongue-push-lower-lip",
      "tongue-side",
    ]),
  },
  {
    word: "Neck, shoulders, breath",
    bases: new Set([
      "chin-tuck",
      "head-tilt-side",
      "head-back",
      "head-turn",
      "neck-bend-forward",
      "head-half-circle",
      "head-circle",
      "head-lift",
      "shrug",
      "shoulder-roll",
      "drop-shoulders",
      "breathe",
      "relax-scan",
      "grimace-neck",
    ]),
  },
];
const groupOf = (base: string) => GROUPS.find((g) => g.bases.has(base))?.word ?? "Mouth and cheeks";

/** What happens: the hand's verb, or the movement of the face. Found by typing, chosen by touch or Enter. */
export function WhatHappens({
  what,
  opened,
  onChange,
}: {
  what: What;
  /** Whether it is asked at once: a step that was just added has nothing else to be told. */
  opened: boolean;
  onChange: (what: Exclude<What, null>) => void;
}) {
  const { atlas } = useReference();
  const [open, setOpen] = useState(opened);
  const chosen = what?.kind === "hand" ? atlas.verbs.find((v) => v.id === what.verb) : undefined;
  const shown =
    what === null
      ? "Choose a movement, or what the hand does …"
      : what.kind === "hand"
        ? `The hand: ${chosen?.word ?? what.verb}`
        : (atlas.moves.find((m) => m.id === what.verb)?.words ?? what.verb.replaceAll("-", " "));
  const groups = Map.groupBy(atlas.moves, (m) => groupOf(m.base));
  const choose = (next: Exclude<What, null>) => {
    onChange(next);
    setOpen(false);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className={cn("field text-left font-serif text-[1.05rem]", what === null && "text-faded")}
        aria-label={`What happens: ${shown}`}
      >
        {shown}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          className="z-30 w-[26rem] rounded-mark border border-line bg-paper shadow-xl"
        >
          <Command
            label="What happens"
            className="flex max-h-96 flex-col"
            filter={(value, asked) => fits(value, asked)}
          >
            <Command.Input
              className="border-b border-line bg-transparent px-3 py-2 outline-none"
              placeholder="Type: glide, smile, eyes up, knead …"
            />
            <Command.List className="min-h-0 flex-1 overflow-auto p-1">
              <Command.Empty className="p-3 text-sm text-faded">Nothing has that name. Try another word.</Command.Empty>
              <Command.Group
                heading="The hand works"
                className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-faded"
              >
                {atlas.verbs.map((v) => (
                  <Command.Item
                    key={v.id}
                    value={`${v.word} | ${v.words} ${v.id} ${atlas.spoken_words[v.id] ?? ""}`}
                    onSelect={() => choose({ kind: "hand", verb: v.id })}
                    className="rounded-mark px-2 py-1 aria-selected:bg-now-wash"
                  >
                    <span className="font-medium">{v.word}</span> <span className="text-sm text-faded">{v.words}</span>
                  </Command.Item>
                ))}
              </Command.Group>
              {[...groups.entries()].map(([word, moves]) => (
                <Command.Group
                  key={word}
                  heading={word}
                  className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-faded"
                >
                  {moves.map((m) => (
                    <Command.Item
                      key={m.id}
                      value={`${m.words} | ${m.id} ${atlas.spoken_words[m.id] ?? atlas.spoken_words[m.base] ?? ""}`}
                      onSelect={() => choose({ kind: "act", verb: m.id })}
                      className="rounded-mark px-2 py-1 aria-selected:bg-now-wash"
                    >
                      {m.words}
                    </Command.Item>
                  ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
