pkill -f ".output/server/index.mjs" ; sleep 0.7; rm -rf /tmp/demo; mkdir -p /tmp/demo
(NIMBLE_DATA=/tmp/demo NIMBLE_DEMO=1 NIMBLE_PREPARED=$PWD/dist/empty-folder.tar.gz NITRO_HOST=127.0.0.1 NITRO_PORT=3100 NODE_ENV=production node .output/server/index.mjs > /tmp/server.log 2>&1 &)
for i in $(seq 40); do curl -sf http://127.0.0.1:3100/api/health >/dev/null && break; sleep 0.3; done; sleep 2; tail -2 /tmp/server.log
