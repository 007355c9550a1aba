import { useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';

/**
 * Says the title of a page that was opened. When what had the focus has gone with the page before, the focus moves to the
 * heading of the new one; a tab or a link that is still there keeps it.
 */
export function RouteAnnouncer() {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  const [said, setSaid] = useState('');
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    const soon = setTimeout(() => {
      setSaid(document.title);
      if (document.activeElement && document.activeElement !== document.body) return;
      document.querySelector<HTMLElement>('main h1')?.focus({ preventScroll: true });
    }, 150);
    const later = setTimeout(() => setSaid(''), 2000);
    return () => {
      clearTimeout(soon);
      clearTimeout(later);
    };
  }, [pathname]);
  return (
    <p role="status" className="sr-only">
      {said}
    </p>
  );
}
