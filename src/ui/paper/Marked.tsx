import { Text } from '@react-pdf/renderer';

/** Text with the phrases between asterisks in bold. */
export function Marked({ children }: { children: string }) {
  return children.split('*').map((part, i) =>
    i % 2 === 1 ? (
      <Text key={i} style={{ fontWeight: 700 }}>
        {part}
      </Text>
    ) : (
      part
    ),
  );
}
