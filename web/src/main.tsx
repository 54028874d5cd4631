import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { App } from "./app/App";
import { Refusal } from "./shell/api";
import { lightAsLeft } from "./shell/light";
import { keepForOffline } from "./shell/offline";
import "./ui/theme.css";

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (tries, error) => !(error instanceof Refusal) && tries < 2,
      refetchOnWindowFocus: false,
      networkMode: "always",
    },
    mutations: { networkMode: "always" },
  },
});

lightAsLeft();
const root = document.getElementById("root");
if (!root) throw new Error("The page has no root.");
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
keepForOffline();
