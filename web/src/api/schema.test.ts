// @vitest-environment node
import { readFileSync } from 'node:fs';
import openapiTS, { astToString, COMMENT_HEADER } from 'openapi-typescript';
import { expect, it } from 'vitest';

it('the client is the one that openapi.json describes; CONTRIBUTING.md says how to make it anew', async () => {
  const described = await openapiTS(new URL('../../openapi.json', import.meta.url));
  expect(readFileSync('src/api/schema.d.ts', 'utf8')).toBe(
    `${COMMENT_HEADER}${astToString(described)}`,
  );
}, 60_000);
