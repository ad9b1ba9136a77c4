import * as Pdf from '@react-pdf/renderer';
import {
  Children,
  isValidElement,
  type ElementType,
  type ReactElement,
  type ReactNode,
} from 'react';
import { LIGHT_COLOURS } from './lightColours';

type Props = Record<string, unknown> & { children?: ReactNode };

/** SVG elements and what draws them on paper. */
const PRIMITIVES: Readonly<Record<string, ElementType>> = {
  g: Pdf.G,
  path: Pdf.Path,
  line: Pdf.Line,
  circle: Pdf.Circle,
  ellipse: Pdf.Ellipse,
  rect: Pdf.Rect,
  polygon: Pdf.Polygon,
  polyline: Pdf.Polyline,
};

const GEOMETRY = [
  'd',
  'x',
  'y',
  'x1',
  'x2',
  'y1',
  'y2',
  'cx',
  'cy',
  'r',
  'rx',
  'ry',
  'width',
  'height',
  'points',
  'transform',
];
const PAINT = [
  'fill',
  'fillOpacity',
  'stroke',
  'strokeWidth',
  'strokeOpacity',
  'strokeDasharray',
  'strokeLinecap',
  'opacity',
];
const TEXT = ['fontSize', 'textAnchor', 'fontWeight', 'fill'];

/** Places that SVG takes as nought when they are not said, and paper does not. */
const AT_NOUGHT: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  line: { x1: 0, x2: 0, y1: 0, y2: 0 },
  circle: { cx: 0, cy: 0 },
  ellipse: { cx: 0, cy: 0 },
  rect: { x: 0, y: 0 },
};

/** What texts take over from the groups round them. */
type Inherited = Partial<Record<(typeof TEXT)[number], unknown>>;

function painted(props: Props, names: readonly string[]): Record<string, unknown> {
  const kept: Record<string, unknown> = {};
  for (const name of names) {
    const value = props[name];
    if (value === undefined) continue;
    kept[name] =
      typeof value === 'string'
        ? value.replace(
            /var\((--[a-z0-9-]+)\)/g,
            (_, colour: string) => LIGHT_COLOURS[colour] ?? '#14302a',
          )
        : value;
  }
  return kept;
}

function textOf(node: ReactNode): string {
  return Children.toArray(node)
    .map((child) => (typeof child === 'string' || typeof child === 'number' ? String(child) : ''))
    .join('')
    .replaceAll('\u00a0', ' ');
}

/** A component's own output, as deep as it goes: drawings are plain functions of their props, without state. */
function rendered(node: ReactNode): ReactNode {
  let current = node;
  while (isValidElement<Props>(current) && typeof current.type === 'function') {
    current = (current.type as (props: Props) => ReactNode)(current.props);
  }
  return current;
}

function drawn(node: ReactNode, inherited: Inherited): ReactNode {
  return Children.map(node, (child) => {
    const element = rendered(child);
    if (Array.isArray(element)) return drawn(element, inherited);
    if (!isValidElement<Props>(element)) return null;
    const { type, props } = element;
    const passed = { ...inherited, ...painted(props, TEXT) };
    if (type === 'text') {
      const { fontSize = 13, fontWeight = 400, ...rest } = passed;
      return (
        <Pdf.Text
          x={Number(props.x ?? 0)}
          y={Number(props.y ?? 0)}
          {...rest}
          style={{
            fontSize: Number(fontSize),
            fontFamily: 'Text',
            fontWeight: Number(fontWeight) >= 600 ? 700 : 400,
          }}
        >
          {textOf(props.children)}
        </Pdf.Text>
      );
    }
    const Primitive = PRIMITIVES[type as string];
    if (!Primitive) return drawn(props.children, passed);
    return (
      <Primitive {...AT_NOUGHT[type as string]} {...painted(props, [...GEOMETRY, ...PAINT])}>
        {type === 'g' ? drawn(props.children, passed) : null}
      </Primitive>
    );
  });
}

interface DrawingProps {
  /** An `<svg>` with a viewBox, or a plain component that gives one. */
  children: ReactElement;
  width: number;
}

/** A drawing of the screen on paper: the same shapes in the light theme's colours. */
export function Drawing({ children, width }: DrawingProps) {
  const svg = rendered(children);
  if (!isValidElement<Props>(svg) || svg.type !== 'svg') {
    throw new TypeError('Drawing: needs one svg element');
  }
  const viewBox = String(svg.props.viewBox);
  const [, , w = 1, h = 1] = viewBox.split(' ').map(Number);
  return (
    <Pdf.Svg viewBox={viewBox} width={width} height={(width * h) / w}>
      {drawn(svg.props.children, {})}
    </Pdf.Svg>
  );
}
