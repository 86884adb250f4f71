import type { PlanChange } from '../api/client';

/** Whether there is anything to take back, or to do again. */
export interface Can {
  undo: boolean;
  redo: boolean;
}

/** What takes a change back; undefined when it was refused, 'left' when the person would rather not make it. */
type Back = PlanChange | 'left' | undefined;

/**
 * What can be taken back and done again. A change is shown before it is kept: taking back waits for what is on its way, so that
 * it takes back the change that is seen and not the one before it.
 */
export class Undo {
  readonly #undos: PlanChange[] = [];
  readonly #redos: PlanChange[] = [];
  readonly #tell: (can: Can) => void;
  #last: Promise<unknown> = Promise.resolve();

  constructor(tell: (can: Can) => void) {
    this.#tell = tell;
  }

  /** A change on its way, that answers with what takes it back; undefined when it was refused. */
  follow(change: Promise<Back>): void {
    this.#last = Promise.all([change, this.#last]).then(([undo]) => {
      if (undo && undo !== 'left' && (undo.puts.length + undo.removes.length > 0 || undo.order)) {
        this.#undos.push(undo);
        this.#redos.length = 0;
        this.#count();
      }
    });
  }

  undo(make: (change: PlanChange) => Promise<Back>): void {
    this.#move(this.#undos, this.#redos, make);
  }

  redo(make: (change: PlanChange) => Promise<Back>): void {
    this.#move(this.#redos, this.#undos, make);
  }

  #move(from: PlanChange[], to: PlanChange[], make: (change: PlanChange) => Promise<Back>): void {
    this.#last = this.#last.then(async () => {
      const change = from.pop();
      const back = change && (await make(change));
      if (change && back === 'left') {
        from.push(change);
      } else if (back && back !== 'left') {
        to.push(back);
      }
      this.#count();
    });
  }

  #count(): void {
    this.#tell({ undo: this.#undos.length > 0, redo: this.#redos.length > 0 });
  }
}
