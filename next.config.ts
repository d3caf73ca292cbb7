import type { NextConfig } from 'next';

const config: NextConfig = {
  turbopack: { root: import.meta.dirname },
  outputFileTracingRoot: import.meta.dirname,
  serverExternalPackages: ['pdfkit', 'pino', 'postgres'],
  poweredByHeader: false,
  // Server and browser are one machine: packing what is sent costs both of them time and saves nobody anything.
  compress: false,
  // A tree file of 20 MB in normal form, spaced however, or an edit that says what was and what is: the routes measure it.
  experimental: { proxyClientMaxBodySize: '48mb' },
  agentRules: false,
  reactStrictMode: true,
  // bin/test and `npm run check` run the type check themselves.
  typescript: { ignoreBuildErrors: true },
};

export default config;
