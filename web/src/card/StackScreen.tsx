import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Problem, Schemas } from '../api/client';
import { useBlockSets, useStack } from '../api/card';
import { BlockStack } from '../drawings/BlockStack';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { UNITS } from '../ui/labels';
import { refusedAt } from '../ui/refusedAt';
import { tied } from '../ui/tied';
import { CardPage } from './CardPage';

const OWN = 'own';

/** Which blocks to wring for a size: of a set of the drawer, of a set of the catalogue, or of blocks as they are typed. */
export function StackScreen() {
  const sets = useBlockSets().data;
  return <CardPage part="blocks">{sets && <Stack sets={sets} />}</CardPage>;
}

function Stack({ sets }: { sets: Schemas['BlockSetView'][] }) {
  const [search, setSearch] = useSearchParams();
  const picked = search.get('set') ?? sets[0]?.key ?? '';
  const size = search.get('size') ?? '';
  const [own, setOwn] = useState({ blocks: '', unit: 'mm' });
  const [missing, setMissing] = useState('');
  const [wear, setWear] = useState('');
  const set = sets.find(({ key }) => key === picked);
  const unit = set?.unit ?? own.unit;
  const put = (name: string, value: string) =>
    setSearch(
      (before) => {
        const after = new URLSearchParams(before);
        after.set(name, value);
        return after;
      },
      { replace: true },
    );
  const stack = useStack({
    set: picked === OWN ? own.blocks : picked,
    unit,
    size,
    missing,
    wear,
  });
  const failure = stack.error as Problem | null;
  const found = failure ? undefined : stack.data;
  return (
    <div className="grid w-full gap-6 bench:grid-cols-[24rem_minmax(0,1fr)]">
      <section aria-label="Wanted" className="flex flex-col gap-3">
        <Field
          label={`Size, ${unit}`}
          value={size}
          hint={unit === 'in' ? '3.2509' : '41.125'}
          refused={refusedAt(failure, 'size')}
          onType={(text) => put('size', text)}
          onWrite={(text) => put('size', text)}
        />
        <Choice
          label="Of the set"
          value={picked}
          choices={{
            ...Object.fromEntries(
              sets.map(({ key, name, count, missing: gone }) => [
                key,
                `${name} (${count - gone} blocks${gone > 0 ? `, ${gone} missing` : ''})`,
              ]),
            ),
            [OWN]: 'other blocks, typed here',
          }}
          onChoose={(key) => put('set', key)}
        />
        {picked === OWN && (
          <>
            <Choice
              label="In"
              value={own.unit}
              choices={UNITS}
              onChoose={(to) => setOwn({ ...own, unit: to })}
            />
            <Field
              label="The blocks there are"
              value={own.blocks}
              hint="1.005; 1.01-1.09 by 0.01; 25"
              refused={refusedAt(failure, 'set')}
              onType={(blocks) => setOwn({ ...own, blocks })}
              onWrite={(blocks) => setOwn({ ...own, blocks })}
            />
          </>
        )}
        <Field
          label="Missing today"
          value={missing}
          hint="1.005; 20"
          refused={refusedAt(failure, 'missing')}
          onType={setMissing}
          onWrite={setMissing}
        />
        <Field
          label="Two wear blocks of"
          value={wear}
          hint={set?.wear?.text ?? 'none'}
          refused={refusedAt(failure, 'wear')}
          onType={setWear}
          onWrite={setWear}
        />
      </section>
      <section
        aria-label="Stack"
        aria-live="polite"
        className="border-2 border-line bg-panel p-4 tablet:p-6"
      >
        {size.trim() === '' && (
          <p className="text-quiet">
            Type the size that the stack is to have. The fewest blocks that come to just this are
            shown as they lie, and of those the thickest: they are easiest to wring.
          </p>
        )}
        {failure && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {failure.message}
          </p>
        )}
        {found && (
          <div className="grid items-start gap-6 tablet:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <div className="flex flex-col gap-3">
              <p className="reading text-order">
                {found.wanted.text} {found.wanted.unit}
              </p>
              <p className="text-quiet">{found.wanted.other}</p>
              <p className="text-title font-semibold">{tied(found.sentence)}</p>
              {found.blocks.length > 0 && (
                <p className="reading">
                  {found.wear && `${found.wear.text} + `}
                  {found.blocks.map(({ text }) => text).join(' + ')}
                  {found.wear && ` + ${found.wear.text}`}
                </p>
              )}
              {[found.below, found.above].map(
                (near) =>
                  near && (
                    <Button key={near.pm} onClick={() => put('size', `${near.text} ${near.unit}`)}>
                      Wring {near.text} {near.unit}
                    </Button>
                  ),
              )}
              {found.blocks.length > 1 && (
                <p className="text-quiet">
                  Wipe each face, slide it on crosswise with light pressure, the thick ones first.
                  Let the stack lie until your hands’ warmth has left it.
                </p>
              )}
            </div>
            {found.blocks.length > 0 && (
              <BlockStack blocks={found.blocks} wear={found.wear} total={found.wanted} />
            )}
          </div>
        )}
      </section>
    </div>
  );
}
