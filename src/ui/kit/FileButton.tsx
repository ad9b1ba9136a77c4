import { textOf } from '@/core/contract/check/textOf';

interface FileButtonProps {
  /** What the button says, which is what is done with the file. */
  children: string;
  /** Kinds of file that are offered: ".csv,text/csv". */
  accept: string;
  onText: (text: string) => void;
}

/** A button that has a file chosen, and gives its text. */
export function FileButton({ children, accept, onText }: FileButtonProps) {
  return (
    <label className="button cursor-pointer focus-within:outline-3">
      {children}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void file.arrayBuffer().then((read) => onText(textOf(new Uint8Array(read))));
          // The same file may be chosen again.
          event.target.value = '';
        }}
      />
    </label>
  );
}
