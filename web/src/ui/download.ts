/** Hands a document to the person as a JSON file. */
export function downloadJson(name: string, document_: unknown) {
  const url = URL.createObjectURL(new Blob([JSON.stringify(document_, null, 2)], { type: "application/json" }));
  Object.assign(document.createElement("a"), { href: url, download: name }).click();
  URL.revokeObjectURL(url);
}
