import helmet from 'helmet'

/** Headers that every answer carries. The page's own content policy is set where its inline scripts are known. */
const headers = helmet({
  contentSecurityPolicy: false,
  // Plain http in a local network: asking browsers for https would lock people out.
  strictTransportSecurity: false,
  crossOriginEmbedderPolicy: false,
  originAgentCluster: false,
  referrerPolicy: { policy: 'no-referrer' },
})

export default fromNodeMiddleware(headers as never)
