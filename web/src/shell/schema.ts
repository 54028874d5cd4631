import * as z from "zod/mini";

// Without a compiler of its own: the page's rules forbid making code from text.
z.config({ jitless: true });

export { z };
