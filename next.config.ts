import type { NextConfig } from "next";

const config: NextConfig = {
  typedRoutes: true,
  poweredByHeader: false,
  // scripts/serve.mjs does it.
  compress: false,
  reactStrictMode: true,
  // A change on the bench lays out anew only what it changes.
  reactCompiler: true,
  // npm test checks the types once for all; a build need not check them again.
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: ["knex", "pg", "pino", "@node-rs/argon2", "sharp"],
  // Browsers ask for this one by themselves when a page's address changes in place.
  rewrites: () => Promise.resolve([{ source: "/favicon.ico", destination: "/icon.svg" }]),
  experimental: { serverActions: { bodySizeLimit: "8mb" } },
};

export default config;
