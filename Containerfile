# Agrologos as a container: docker build -f Containerfile -t agrologos . && docker run -p 3000:3000 agrologos
FROM node:20-slim AS build
WORKDIR /agrologos
ENV NEXT_TELEMETRY_DISABLED=1
COPY package.json package-lock.json .npmrc ./
RUN npm ci --no-progress
COPY . .
RUN npm run build && npm prune --omit=dev

FROM node:20-slim
WORKDIR /agrologos
ENV NODE_ENV=production NEXT_TELEMETRY_DISABLED=1 HOST=0.0.0.0 PORT=3000
COPY --from=build /agrologos/package.json /agrologos/next.config.ts ./
COPY --from=build /agrologos/node_modules node_modules
COPY --from=build /agrologos/.next .next
COPY --from=build /agrologos/public public
USER node
EXPOSE 3000
HEALTHCHECK CMD node -e "fetch('http://127.0.0.1:'+process.env.PORT+'/api/health').then(r=>process.exit(r.ok?0:1),()=>process.exit(1))"
# The shell gives its place to the server, so that a signal to end reaches it.
CMD ["sh", "-c", "exec node node_modules/next/dist/bin/next start -p $PORT -H $HOST"]
