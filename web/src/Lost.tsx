import { useLocation } from 'react-router';
import { Notice } from './ui/Notice';
import { Shell } from './ui/Shell';

/** An address that shows nothing. */
export function Lost() {
  const { pathname } = useLocation();
  return (
    <Shell title="Nothing here">
      <Notice
        title="There is nothing at this address"
        words={`No page is called ${pathname}. It may have been mistyped, or belong to another shop.`}
        back
      />
    </Shell>
  );
}
