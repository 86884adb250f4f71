import { useGaugePage } from '../api/queries';
import { ZeroCheck } from '../ui/ZeroCheck';

/** The zero of a gauge that the walk will use. */
export function CheckCard({ gauge }: { gauge: number }) {
  const page = useGaugePage(gauge).data;
  return page?.allowed ? <ZeroCheck page={page} allowed={page.allowed} /> : null;
}
