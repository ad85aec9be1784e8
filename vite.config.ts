import tailwindcss from "@tailwindcss/vite";
import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { defineConfig, type Plugin } from "vite";

/** The icons in use, as symbols that the pages hold in themselves. */
const ICONS = JSON.parse(readFileSync("assets/icons.json", "utf8")) as string[];

function icons(): Plugin {
  return {
    name: "icons",
    writeBundle() {
      const symbols = ICONS.map((name) => {
        const svg = readFileSync(`node_modules/lucide-static/icons/${name}.svg`, "utf8");
        const inner = svg
          .replace(/<!--.*?-->/gs, "")
          .replace(/^.*?<svg[^>]*>/s, "")
          .replace(/<\/svg>\s*$/, "");
        return `<symbol id="i-${name}" viewBox="0 0 24 24">${inner.replace(/\s*\n\s*/g, "")}</symbol>`;
      });
      mkdirSync("public/build", { recursive: true });
      writeFileSync("public/build/icons.html", symbols.join("\n"));
    },
  };
}

export default defineConfig({
  publicDir: false,
  base: "/build/",
  build: {
    outDir: "public/build",
    manifest: true,
    emptyOutDir: true,
    assetsInlineLimit: 0,
    rollupOptions: {
      input: [
        "assets/app.ts",
        "assets/desk.ts",
        "assets/lectern.ts",
        "assets/device.ts",
        "assets/rung.ts",
        "assets/workshop.ts",
        "assets/register.ts",
        "assets/pupil.ts",
        "assets/code.ts",
      ],
    },
  },
  plugins: [tailwindcss(), icons()],
});
