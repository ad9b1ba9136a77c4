import { t } from '@/core/tell/language/t';
import { Document } from '@react-pdf/renderer';
import type { ComponentProps } from 'react';
import { HEADING, registerFonts, TEXT } from './fonts';
import { LIGHT_COLOURS } from './lightColours';

export const INK = LIGHT_COLOURS['--ink']!;
export const SOFT = LIGHT_COLOURS['--ink-soft']!;
export const LINE = LIGHT_COLOURS['--hairline']!;

/** Text as it runs, headings of a size, points. */
export const running = (fontSize: number, lineHeight: number) => ({
  fontFamily: TEXT,
  fontSize,
  lineHeight,
  color: INK,
});
export const heading = (fontSize: number, lineHeight = 1.1) => ({
  fontFamily: HEADING,
  fontWeight: 600 as const,
  fontSize,
  lineHeight,
});

/** The foot of a page or a side: rules and care in small print under a line. */
export const footAt = (margin: number, bottom: number, fontSize: number, line = 1) => ({
  position: 'absolute' as const,
  left: margin,
  right: margin,
  bottom,
  paddingTop: fontSize * 0.65,
  borderTop: `${line} solid ${LINE}`,
  fontSize,
  lineHeight: 1.3,
  color: SOFT,
});

/** A document of the product. */
export function Paper({
  title,
  children,
}: {
  title: string;
  children: ComponentProps<typeof Document>['children'];
}) {
  registerFonts();
  return (
    <Document title={title} creator={t('Mellow Divot')} language="en">
      {children}
    </Document>
  );
}
