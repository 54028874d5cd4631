import { queryOptions, useQuery } from "@tanstack/react-query";
import { api, said } from "../shell/api";
import { Problem } from "../ui/States";

const studioQuery = queryOptions({ queryKey: ["studio"], queryFn: () => said(api.GET("/api/studio")) });

/** How tablets and phones of the studio reach Wexis: the address, and a picture of it to point a camera at. */
export function StudioNetwork() {
  const studio = useQuery(studioQuery);
  if (studio.isError) return <Problem error={studio.error} again={() => studio.refetch()} />;
  if (!studio.data) return null;
  const { open, addresses, fingerprint } = studio.data;
  return (
    <section aria-labelledby="studio" className="mt-8 max-w-3xl" data-studio={open ? "open" : "closed"}>
      <h2 id="studio">Tablets and phones</h2>
      {!open && (
        <p>
          Wexis answers on this computer only. Whoever starts it can open it to the studio’s own network, so that a
          tablet can grade and a phone can practise; the page that came with it, README, says how.
        </p>
      )}
      {open && addresses.length === 0 && <p>This machine is on no network just now.</p>}
      {addresses.length > 0 && (
        <>
          <p>
            Point the camera of a tablet or phone in the same network at the picture, or type the address. The browser
            asks once whether to trust it: compare the certificate’s fingerprint first.
          </p>
          <ul className="mt-3 flex flex-wrap gap-6">
            {addresses.map((a) => (
              <li key={a.url} className="text-center">
                <img
                  alt={`Picture of the address ${a.url}`}
                  className="mx-auto size-40 border border-line bg-white p-2"
                  src={`data:image/svg+xml;utf8,${encodeURIComponent(a.qr)}`}
                />
                <span className="font-semibold">{a.url}</span>
              </li>
            ))}
          </ul>
          <p className="mt-3 text-sm break-all text-faded">Fingerprint (SHA-256): {fingerprint}</p>
        </>
      )}
    </section>
  );
}
