import {
  useId,
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  type TextareaHTMLAttributes,
} from 'react';

const BOX = 'box w-full';

interface LabelledProps {
  label: string;
  fault?: string | undefined;
}

function Labelled({
  label,
  fault,
  id,
  children,
}: LabelledProps & { id: string; children: ReactNode }) {
  return (
    <span className="block min-w-0">
      <label htmlFor={id} className="text-sm font-semibold">
        {label}
      </label>
      {children}
      {fault && (
        <span id={`${id}-fault`} role="alert" className="block text-sm font-semibold text-harm">
          {label} {fault}.
        </span>
      )}
    </span>
  );
}

/** A labelled text field with what is wrong with it. */
export function TextInput({
  label,
  fault,
  ...input
}: LabelledProps & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId();
  return (
    <Labelled label={label} fault={fault} id={id}>
      <input
        id={id}
        autoComplete="off"
        aria-invalid={fault !== undefined}
        aria-describedby={fault ? `${id}-fault` : undefined}
        className={BOX}
        {...input}
      />
    </Labelled>
  );
}

/** A labelled choice from a list. */
export function Choice({
  label,
  fault,
  options,
  ...select
}: LabelledProps & {
  options: readonly (readonly [value: string, name: string])[];
} & SelectHTMLAttributes<HTMLSelectElement>) {
  const id = useId();
  return (
    <Labelled label={label} fault={fault} id={id}>
      <select id={id} aria-invalid={fault !== undefined} className={BOX} {...select}>
        {options.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
    </Labelled>
  );
}

/** A labelled choice from a list that is taken at once, outside a form. */
export function Pick<T extends string>({
  onValue,
  ...choice
}: {
  label: string;
  /** What it is called where the label alone stands more than once. */
  'aria-label'?: string;
  value: T;
  onValue: (value: T) => void;
  options: readonly (readonly [T, string])[];
}) {
  return <Choice {...choice} onChange={({ target }) => onValue(target.value as T)} />;
}

/** A labelled text of several lines. */
export function Prose({
  label,
  fault,
  ...area
}: LabelledProps & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  const id = useId();
  return (
    <Labelled label={label} fault={fault} id={id}>
      <textarea
        id={id}
        aria-invalid={fault !== undefined}
        className="mt-0.5 w-full rounded border-2 border-hairline bg-paper p-2 aria-invalid:border-harm"
        {...area}
      />
    </Labelled>
  );
}
