import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['@electric-sql/pglite', 'piscina', 'proper-lockfile'],
  poweredByHeader: false,
  devIndicators: false,
  reactCompiler: true,
  // Types are a check of their own in `npm test`, over the tests as well.
  typescript: { ignoreBuildErrors: true },
};

export default config;
