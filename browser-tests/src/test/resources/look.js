/*
 * Sets the drawn scale by its spin buttons, and looks: where each line and each printed figure of the face and of the
 * enlarged look lies on the screen. Nothing else of the page is taken.
 */
async (settings) => {
  const written = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const turns = () => new Promise((done) => setTimeout(done, 0));

  const set = async (look, count) => {
    const field = document.querySelector(`input[data-look="${look}"]`);
    const shows = () => Number(field.getAttribute('aria-valuenow'));
    if (shows() === count) {
      return;
    }
    written.call(field, String(count));
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
    // The screen answers at once; but for a beam line and a needle that it first asks the server about.
    for (let tries = 0; shows() !== count; tries += 1) {
      if (tries > 500) {
        throw new Error(`${look} shows ${shows()}, not ${count}`);
      }
      await (tries < 5 ? null : turns());
    }
  };

  const take = async (look, taken) => {
    const leaf = document.querySelector(`button[aria-label="Leaf ${look}"]`);
    if ((leaf.getAttribute('aria-pressed') === 'true') !== taken) {
      leaf.click();
      await null;
    }
  };

  const look = () => {
    const lines = [];
    const figures = [];
    for (const name of ['face', 'strip']) {
      const svg = document.querySelector(`[data-testid=${name}]`);
      if (svg === null) {
        continue;
      }
      for (const line of svg.querySelectorAll('line[data-line]')) {
        const on = line.getScreenCTM();
        const at = (x, y) => [x.baseVal.value * on.a + on.e, y.baseVal.value * on.d + on.f];
        lines.push([line.dataset.line, ...at(line.x1, line.y1), ...at(line.x2, line.y2)]);
      }
      for (const figure of svg.querySelectorAll('text[data-figure]')) {
        const box = figure.getBoundingClientRect();
        figures.push([
          figure.dataset.figure,
          figure.textContent,
          box.left + box.width / 2,
          box.top + box.height / 2,
          Number.parseFloat(getComputedStyle(figure).fontSize),
        ]);
      }
    }
    return { lines, figures };
  };

  const looks = [];
  for (const setting of settings) {
    for (const [name, count, kind] of setting) {
      await (kind === 'leaf' ? take(name, count === 1) : set(name, count));
    }
    looks.push(look());
  }
  return JSON.stringify(looks);
}
