/** Today where the reader is. */
export function useToday() {
  return {
    /** As an ISO date, the local day. */
    iso(): string {
      const now = new Date();
      const two = (n: number) => String(n).padStart(2, '0');
      return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
    },
  };
}
