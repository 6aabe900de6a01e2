# Yuzet in a container: "podman build -t yuzet ." and "podman run -p 4173:4173 yuzet" (docker does it alike).
FROM docker.io/library/node:20-bookworm-slim AS build
WORKDIR /yuzet
COPY package.json package-lock.json ./
RUN npm ci --no-audit --no-fund
COPY . .
RUN node scripts/build.mjs

FROM docker.io/library/node:20-bookworm-slim
WORKDIR /yuzet
ENV NODE_ENV=production HOST=0.0.0.0 PORT=4173 STRICT_PORT=1
COPY package.json package-lock.json ./
RUN npm ci --omit=dev --no-audit --no-fund && npm cache clean --force
COPY server server
COPY --from=build /yuzet/dist dist
USER node
EXPOSE 4173
HEALTHCHECK CMD node -e "fetch('http://localhost:4173/api/health').then((r) => process.exit(r.ok ? 0 : 1), () => process.exit(1))"
CMD ["node", "--import", "tsx", "server/server.mts"]
