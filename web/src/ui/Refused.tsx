import { problemOf } from "../shell/api";

/** Why a file did not come in: every slip in its own line; nothing of it was kept. */
export function Refused({ error }: { error: unknown }) {
  const { title, lines } = problemOf(error);
  return (
    <div role="alert" className="my-2 border-l-4 border-wrong bg-wrong-wash px-3 py-1 text-sm" data-import-refused>
      <p className="font-semibold">{title}</p>
      <ul>
        {lines.map((l) => (
          <li key={l}>{l}</li>
        ))}
      </ul>
    </div>
  );
}
