import react from "@vitejs/plugin-react";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "vite";
import { compression, defineAlgorithm } from "vite-plugin-compression2";
import { VitePWA } from "vite-plugin-pwa";

/** A page that was open today opens without a network too. What it had read is kept for a day and forgotten at signing out. */
const installable = VitePWA({
  injectRegister: null,
  manifest: {
    name: "Wexis",
    short_name: "Wexis",
    description: "The bench of a face yoga trainer who certifies others.",
    start_url: "/",
    display: "standalone",
    background_color: "#faf5ed",
    theme_color: "#faf5ed",
    icons: [{ src: "wexis.svg", sizes: "any", type: "image/svg+xml", purpose: "any" }],
  },
  workbox: {
    globPatterns: ["**/*.{js,css,html,svg,woff2}"],
    maximumFileSizeToCacheInBytes: 5_000_000,
    // The page itself comes from the house while it answers, so that nobody goes on with an old one.
    navigateFallback: null,
    directoryIndex: null,
    skipWaiting: true,
    clientsClaim: true,
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) => request.mode === "navigate" && !url.pathname.startsWith("/api/"),
        handler: "NetworkFirst",
        options: { cacheName: "wexis-page", precacheFallback: { fallbackURL: "index.html" } },
      },
      {
        urlPattern: ({ url }) =>
          /^\/api\/(session|thread|anatomy|demonstrations|examinations)(\/|$)/.test(url.pathname),
        handler: "NetworkFirst",
        options: {
          cacheName: "wexis-day",
          expiration: { maxAgeSeconds: 24 * 60 * 60, maxEntries: 120 },
          cacheableResponse: { statuses: [200] },
        },
      },
    ],
  },
});

/** Beside each text file its compressed forms: the server sends them as they are. */
const compressed = compression({
  include: /\.(js|css|svg|webmanifest)$/,
  algorithms: [defineAlgorithm("brotliCompress"), defineAlgorithm("gzip")],
  threshold: 1024,
});

export default defineConfig({
  plugins: [react(), tailwindcss(), installable, compressed],
  build: { target: "es2023", chunkSizeWarningLimit: 900 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:5180" } },
});
