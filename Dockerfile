# Nimble Tally for several servers on one PostgreSQL database (see docs/serving.md).
FROM node:20-bookworm-slim AS build
WORKDIR /app
COPY package.json package-lock.json ./
RUN npm ci --omit=dev --ignore-scripts --no-audit --no-fund
COPY . .
RUN node bin/lib/build.mjs

FROM node:20-bookworm-slim
ENV NODE_ENV=production NITRO_HOST=0.0.0.0 NITRO_PORT=3000 NIMBLE_DEMO=0 NIMBLE_LOGS=json
WORKDIR /app
COPY --from=build --chown=root:root /app/.output .output
USER node
EXPOSE 3000
# Alive, not ready: a database that is away for a moment is no reason to start anew.
HEALTHCHECK --interval=10s --timeout=3s --start-period=30s \
  CMD ["node", "-e", "fetch('http://127.0.0.1:3000/api/alive').then(({ ok }) => process.exit(ok ? 0 : 1), () => process.exit(1))"]
CMD ["node", ".output/server/index.mjs"]
