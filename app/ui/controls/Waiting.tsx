/** Something is being worked out: three pieces that come one after the other, and what it is in words. */
export const Waiting = ({ what }: { what: string }) => (
  <span className="waiting" role="progressbar" aria-label={what}>
    <i />
    <i />
    <i />
  </span>
);
