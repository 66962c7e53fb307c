// Prints `passed failed` from the JSON report of Jest or Playwright. Skipped tests count as neither.
import { readFileSync } from 'node:fs'

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'))
if ('numPassedTests' in report) {
  // A test file that can't even be loaded has no tests that could fail.
  console.log(report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites)
} else {
  const { expected, unexpected, flaky } = report.stats
  console.log(expected, unexpected + flaky + report.errors.length)
}
