import { Dialog } from "radix-ui";
import { Button } from "../ui/Button";
import { editorKeys, gradingKeys, plateKeys, scoreKeys, shellKeys, type KeyLine } from "../shell/keys";

const GROUPS: readonly { title: string; keys: readonly KeyLine[] }[] = [
  { title: "Everywhere", keys: Object.values(shellKeys) },
  { title: "On the face plate", keys: Object.values(plateKeys) },
  { title: "Writing a technique", keys: Object.values(editorKeys) },
  { title: "On the score", keys: Object.values(scoreKeys) },
  { title: "Grading, left hand on the keys", keys: Object.values(gradingKeys.left) },
  { title: "Grading, right hand on the keys", keys: Object.values(gradingKeys.right) },
];

/** One sheet of keys, made from the table that the handlers use. */
export function KeySheet({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed inset-x-4 top-8 z-50 mx-auto max-h-[88vh] max-w-5xl overflow-auto rounded-mark bg-paper p-6 shadow-2xl">
          <div className="mb-4 flex items-baseline justify-between">
            <Dialog.Title className="font-serif text-xl">Keys</Dialog.Title>
            <Dialog.Close asChild>
              <Button size="line" tone="quiet">
                Close
              </Button>
            </Dialog.Close>
          </div>
          <Dialog.Description className="sr-only">Every key of Wexis and what it does.</Dialog.Description>
          <div className="gap-8 sm:columns-2">
            {GROUPS.map((g) => (
              <section key={g.title} className="mb-5 break-inside-avoid">
                <h3 className="mb-1 border-b border-line">{g.title}</h3>
                <dl className="text-sm">
                  {g.keys.map((k) => (
                    <div key={k.shown + k.does} className="flex gap-3 py-0.5">
                      <dt className="w-20 shrink-0 font-semibold">{k.shown}</dt>
                      <dd>{k.does}</dd>
                    </div>
                  ))}
                </dl>
              </section>
            ))}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
