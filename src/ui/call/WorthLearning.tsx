import type { CallSheet } from '@/core/tell/sheet/callSheet';

/** What techniques would save that the player would have to learn first; nothing where none is worth it. */
export function WorthLearning({ sheet }: { sheet: CallSheet }) {
  const texts = sheet.worth_learning.flatMap(({ text }) => text ?? []);
  return texts.map((text) => (
    <p key={text} className="border-t border-hairline py-2 leading-snug">
      {text}
    </p>
  ));
}
