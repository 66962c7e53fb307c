import http from 'node:http'

/** A small proxy without sticky sessions: each request goes to the next server, and to another one where that does not answer. */
export async function roundRobin(addresses) {
  let turn = 0
  const agent = new http.Agent({ keepAlive: true, maxSockets: Infinity })
  const proxy = http.createServer((request, response) => {
    const body = []
    request.on('data', (piece) => body.push(piece))
    request.on('end', () => hand(request, response, Buffer.concat(body), addresses.length))
  })
  function hand(request, response, body, left) {
    const to = new URL(request.url, addresses[turn++ % addresses.length])
    const asked = http.request(to, { method: request.method, headers: request.headers, agent }, (answer) => {
      response.writeHead(answer.statusCode, answer.headers)
      answer.pipe(response)
      answer.on('error', () => response.destroy())
    })
    response.on('close', () => asked.destroy())
    asked.on('error', () => {
      if (response.headersSent || response.destroyed) return response.destroy()
      if (left > 1) return hand(request, response, body, left - 1)
      response.writeHead(502, { 'content-type': 'application/json' })
      response.end('{}')
    })
    asked.end(body)
  }
  proxy.keepAliveTimeout = 60_000
  await new Promise((resolve) => proxy.listen(0, '127.0.0.1', resolve))
  return {
    address: `http://127.0.0.1:${proxy.address().port}`,
    close() {
      proxy.closeAllConnections()
      proxy.close()
      agent.destroy()
    },
  }
}
