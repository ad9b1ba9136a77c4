import type { NextConfig } from 'next';
import { HANDED_ON } from './src/app/api/bounds';

// Nothing that is built, served or developed here reports to anybody.
process.env.NEXT_TELEMETRY_DISABLED = '1';

const config: NextConfig = {
  serverExternalPackages: ['@electric-sql/pglite', 'piscina', 'proper-lockfile'],
  poweredByHeader: false,
  devIndicators: false,
  reactCompiler: true,
  // The compiler of components in the bundler itself takes half a minute less than its plug-in; a build begins from nothing anyway.
  experimental: {
    turbopackRustReactCompiler: true,
    turbopackFileSystemCacheForBuild: false,
    proxyClientMaxBodySize: HANDED_ON,
  },
  // Types are a check of their own in `npm test`, over the tests as well.
  typescript: { ignoreBuildErrors: true },
};

export default config;
