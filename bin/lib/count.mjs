// Prints `passed failed` from the JSON report of Jest or Playwright. Skipped tests count as neither. A browser test that
// passed only at the second try has passed, and is named: a slow machine is no fault, but a race wants to be found.
import { readFileSync } from 'node:fs'

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'))
if ('numPassedTests' in report) {
  // A test file that can't even be loaded has no tests that could fail.
  console.log(report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites)
} else {
  const { expected, unexpected, flaky } = report.stats
  for (const title of unsteady(report.suites)) console.error(`** passed only at the second try: ${title}`)
  console.log(expected + flaky, unexpected + report.errors.length)
}

function unsteady(suites = []) {
  return suites.flatMap((suite) => [
    ...unsteady(suite.suites),
    ...(suite.specs ?? [])
      .filter((spec) => spec.tests.some((test) => test.status === 'flaky'))
      .map((spec) => `${spec.file}: ${spec.title}`),
  ])
}
