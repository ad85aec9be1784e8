import { readdirSync } from "node:fs";
import { defineConfig } from "vite";

/** Bundles each test with what it tests, for Node's own test runner. */
export default defineConfig({
  publicDir: false,
  build: {
    outDir: "var/unit-tests",
    emptyOutDir: true,
    minify: false,
    ssr: true,
    rollupOptions: {
      input: readdirSync("tests/unit")
        .filter((file) => file.endsWith(".test.ts"))
        .map((file) => `tests/unit/${file}`),
      output: { entryFileNames: "[name].js" },
    },
  },
});
