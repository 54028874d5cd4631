import { z } from "zod";

// Without a compiler of its own: the page's rules forbid making code from text.
z.config({ jitless: true });

export { z };
