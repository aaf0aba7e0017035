/** One of many, under its label. */
export function NoteSelect({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly (readonly [string, string])[];
  onChange: (value: string) => void;
}) {
  return (
    <label className="block min-w-0 text-[14px] font-semibold">
      {label}
      <select
        value={value}
        onChange={({ target }) => onChange(target.value)}
        className="mt-1 block min-h-11 w-full rounded-part border-2 border-enamel-deep bg-enamel px-2 text-[15px] font-normal"
      >
        {options.map(([option, word]) => (
          <option key={option} value={option}>
            {word}
          </option>
        ))}
      </select>
    </label>
  );
}
