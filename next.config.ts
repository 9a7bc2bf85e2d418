import type { NextConfig } from "next";

/** Headers that hold for every answer; pages get their content security policy, with its nonce, in src/proxy.ts. */
const HEADERS = [
  { key: "X-Content-Type-Options", value: "nosniff" },
  { key: "X-Frame-Options", value: "DENY" },
  { key: "Referrer-Policy", value: "same-origin" },
  { key: "Cross-Origin-Opener-Policy", value: "same-origin" },
  { key: "Cross-Origin-Resource-Policy", value: "same-origin" },
  { key: "Permissions-Policy", value: "camera=(), geolocation=(), microphone=()" },
];

const config: NextConfig = {
  poweredByHeader: false,
  devIndicators: false,
  typescript: { ignoreBuildErrors: true },
  headers: async () => [
    { source: "/:path*", headers: HEADERS },
    {
      source: "/api/:path*",
      headers: [
        { key: "Content-Security-Policy", value: "default-src 'none'; frame-ancestors 'none'" },
        { key: "Cache-Control", value: "no-store" },
      ],
    },
    // A whole job comes packed: nobody is to pack it again.
    { source: "/api/jobs/:jobId", headers: [{ key: "Cache-Control", value: "no-store, no-transform" }] },
  ],
};

export default config;
