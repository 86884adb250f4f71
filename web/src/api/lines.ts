/** An answer that comes line by line, each JSON of its own; the last need not end with a line end. */
export async function* lines<T>(body: ReadableStream<BufferSource>): AsyncGenerator<T> {
  const reader = body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { value, done } = await reader.read();
    const parts = (rest + (value ?? '')).split('\n');
    rest = done ? '' : (parts.pop() ?? '');
    for (const part of parts) {
      if (part !== '') {
        yield JSON.parse(part) as T;
      }
    }
    if (done) {
      return;
    }
  }
}
