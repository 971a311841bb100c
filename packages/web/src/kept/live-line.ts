import type { Announcement } from '@uisce/core/kept';

/** What a page is told. */
interface Told {
  /** The line is open, for the first time or again. */
  hello(): void;
  /** All of it was put back as it once was. */
  restored(): void;
  change(news: Announcement): void;
}

/**
 * Keep a line to the server open while the page is seen: one that nobody sees holds none, and opens it anew when it is
 * looked at again.
 *
 * @returns opens it anew, where the server had closed the door.
 */
export function liveLine({ hello, restored, change }: Told): () => void {
  let source: EventSource | undefined;
  const open = () => {
    source?.close();
    source = new EventSource('/api/live');
    source.addEventListener('hello', hello);
    source.addEventListener('restored', restored);
    source.addEventListener('change', (event: MessageEvent<string>) =>
      change(JSON.parse(event.data) as Announcement),
    );
  };
  document.addEventListener('visibilitychange', () => {
    source?.close();
    if (document.visibilityState !== 'hidden') open();
  });
  addEventListener('pagehide', () => source?.close());
  open();
  return open;
}
