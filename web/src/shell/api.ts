import createClient, { type Middleware } from "openapi-fetch";
import { forgetTheDay } from "./offline";
import type { components, paths } from "../contract/api.generated";

export type Schemas = components["schemas"];

/** The form token of this session; every change sends it back. Set by whoever reads the session. */
let token = "";
export const rememberToken = (value: string) => {
  token = value;
};

const withToken: Middleware = {
  onRequest({ request }) {
    if (request.method !== "GET") request.headers.set("X-Wexis-Token", token);
    return request;
  },
};

let asking = false;

/** Who is told that nobody is signed in may have been signed out elsewhere: a fresh page then asks at the door. What was typed is kept. */
const atTheDoor: Middleware = {
  async onResponse({ response, schemaPath }) {
    if (response.status !== 401 || schemaPath === "/api/session" || asking) return;
    asking = true;
    try {
      const { data } = await api.GET("/api/session");
      if (data && !data.person) {
        await forgetTheDay();
        window.location.reload();
      }
    } finally {
      asking = false;
    }
  },
};

export const api = createClient<paths>({ baseUrl: "/" });
api.use(withToken, atTheDoor);

/** A refusal of the server: problem details (RFC 9457), keyed by field where a field is to blame. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly detail: string,
    readonly fields: Readonly<Record<string, readonly string[]>>,
    /** A number that is free, where the one that was sent is taken. */
    readonly nextCounter: number | null = null,
  ) {
    super(title);
  }
}

/** The network is down, or the server does not run. Nothing is known about what was sent. */
export class Unreachable extends Error {}

type Answer<T> = { data?: T | undefined; error?: unknown; response: Response };

/** The answer's data, or the refusal as an error. */
export async function said<T>(answer: Promise<Answer<T>>): Promise<T> {
  let result: Answer<T>;
  try {
    result = await answer;
  } catch (cause) {
    throw new Unreachable("Wexis does not answer.", { cause });
  }
  if (result.response.ok) return result.data as T;
  const body = (result.error ?? {}) as {
    title?: string;
    detail?: string;
    errors?: Record<string, string[]>;
    next_counter?: number;
  };
  // The store or the way to it is away for a while: like a network that is down, it is tried again.
  if ([502, 503, 504].includes(result.response.status)) throw new Unreachable(body.title ?? "Wexis does not answer.");
  throw new Refusal(
    result.response.status,
    body.title ?? `The server answered ${result.response.status}.`,
    body.detail ?? "",
    body.errors ?? {},
    body.next_counter ?? null,
  );
}

export function problemOf(error: unknown): {
  title: string;
  lines: readonly string[];
  fields: Readonly<Record<string, readonly string[]>>;
} {
  if (error instanceof Refusal)
    return {
      title: error.message,
      lines: [...(error.detail ? [error.detail] : []), ...Object.values(error.fields).flat()],
      fields: error.fields,
    };
  if (error instanceof Unreachable)
    return {
      title: error.message,
      lines: [
        "Is the computer that runs it switched on, and Wexis started there? What you typed stays on this screen.",
      ],
      fields: {},
    };
  return { title: error instanceof Error ? error.message : "Something went wrong.", lines: [], fields: {} };
}
