import { svelte } from "@sveltejs/vite-plugin-svelte";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [svelte()],
  server: { proxy: { "/api": "http://127.0.0.1:8040" } },
  test: { pool: "threads", testTimeout: 30_000 },
  build: { target: "es2022", assetsInlineLimit: 0 },
});
