/** A choice from a list, with its label above. */
export function Pick<T extends string>({
  label,
  value,
  onValue,
  options,
}: {
  label: string;
  value: T;
  onValue: (value: T) => void;
  options: readonly (readonly [T, string])[];
}) {
  return (
    <label className="flex flex-col text-sm font-semibold">
      {label}
      <select
        value={value}
        onChange={(event) => onValue(event.target.value as T)}
        className="h-11 rounded border-2 border-hairline bg-paper px-2 text-base font-normal"
      >
        {options.map(([each, name]) => (
          <option key={each} value={each}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
