/** What is sent with a form and not seen. */
export const Hidden = ({ name, value }: { name: string; value: string | undefined }) => (
  <input type="hidden" name={name} value={value ?? ""} />
);
