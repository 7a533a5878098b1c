import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  serverExternalPackages: ["knex", "pg", "@node-rs/argon2"],
  experimental: { serverActions: { bodySizeLimit: "2mb" } },
};

export default config;
