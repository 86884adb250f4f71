import { useSetShopMark, useShopMark } from '../api/records';
import { Button } from '../ui/Button';
import { inBase64 } from '../ui/files';
import { PickFile } from '../ui/PickFile';

/** The picture on the head of each report. */
export function MarkOfTheShop() {
  const picture = useShopMark().data?.picture ?? '';
  const set = useSetShopMark();
  return (
    <section aria-label="Mark of the shop">
      <h2 className="border-b-2 border-ink text-body">Mark of the shop</h2>
      <div className="mt-3 flex flex-wrap items-center gap-6">
        {picture && (
          <img
            alt="The mark of the shop"
            src={`data:image/png;base64,${picture}`}
            className="max-h-24 border border-line bg-white p-2"
          />
        )}
        <PickFile
          label={picture ? 'Another picture' : 'A picture for the head of each report'}
          accept="image/png,image/jpeg"
          onPick={(file) => void inBase64(file).then((text) => set.mutate(text))}
        />
        {picture && <Button onClick={() => set.mutate('')}>Take it away</Button>}
      </div>
      <p role={set.error ? 'alert' : undefined} className="mt-2 text-label text-quiet">
        {set.error?.message ?? 'PNG or JPEG, at most 2 MB. Reports that were signed keep theirs.'}
      </p>
    </section>
  );
}
