// Adds up JUnit reports (files, or folders of them) and prints "N passed, N failed", with those skipped where there are
// any. Ends with 1 on a failure, and when a place named has no report: tests that did not run did not pass.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

let passed = 0;
let failed = 0;
let skipped = 0;
let missing = 0;

for (const place of process.argv.slice(2)) {
  const files = reports(place);
  if (files.length === 0) {
    console.error(`No test report in ${place}.`);
    missing += 1;
  }
  files.forEach(count);
}

function reports(place) {
  if (!existsSync(place)) {
    return [];
  }
  return statSync(place).isDirectory()
    ? readdirSync(place)
        .filter((name) => /^TEST-.*\.xml$/.test(name))
        .map((name) => join(place, name))
    : [place];
}

function count(file) {
  for (const [, attributes] of readFileSync(file, 'utf8').matchAll(/<testsuite\s([^>]*)>/g)) {
    const number = (name) => Number(new RegExp(`\\b${name}="(\\d+)"`).exec(attributes)?.[1] ?? 0);
    const bad = number('failures') + number('errors');
    failed += bad;
    skipped += number('skipped');
    passed += number('tests') - bad - number('skipped');
  }
}

console.log(`${passed} passed, ${failed} failed${skipped > 0 ? `, ${skipped} skipped` : ''}`);
process.exit(failed + missing > 0 || passed === 0 ? 1 : 0);
