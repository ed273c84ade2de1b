import { useId } from 'react';
import type { Gear, Look, Stuff } from '@/core/gear';
import { drawnSize } from './drawn-size';
import { poseOf, useDrawing } from './drawings';
import type { Layer, Tone } from './silhouettes';

interface GearDrawingProps {
  readonly gear: Gear;
  /** Screen pixels per millimetre of the real thing. */
  readonly pixelsPerMm: number;
}

/** A piece drawn to scale in its own colour and stuff. It says nothing to a screen reader: its name stands beside it. */
export function GearDrawing({ gear, pixelsPerMm }: GearDrawingProps) {
  const { widthMm, heightMm, isTrue } = drawnSize(gear);
  const width = Math.max(6, widthMm * pixelsPerMm);
  const height = Math.max(4, heightMm * pixelsPerMm);
  return <Silhouette look={gear.look} width={width} height={height} isDashed={!isTrue} />;
}

interface GearIconProps {
  readonly look: Look;
  readonly size?: number;
}

/** A small sign of a piece in a square, not to scale. */
export function GearIcon({ look, size = 28 }: GearIconProps) {
  const pose = poseOf(look.silhouette);
  const height = pose === 'lies' ? size * 0.62 : size;
  const width = pose === 'stands' ? size * 0.82 : size;
  return (
    <span style={{ display: 'inline-grid', placeItems: 'center', width: size, height: size }}>
      {size < fewPathsBelowPx ? (
        <Outline look={look} width={width} height={height} />
      ) : (
        <Silhouette look={look} width={width} height={height} isDashed={false} />
      )}
    </span>
  );
}

/** Below this size, in pixels, nothing is seen of a piece but its outline and colour. */
const fewPathsBelowPx = 20;

function Outline({ look, width, height }: Omit<SilhouetteProps, 'isDashed'>) {
  const { layers } = useDrawing(look.silhouette);
  return (
    <svg
      aria-hidden="true"
      width={width}
      height={height}
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      style={{ display: 'block', overflow: 'visible', pointerEvents: 'none' }}
    >
      <path
        d={shadeOf(layers)}
        fill={look.colour}
        stroke={outline}
        strokeWidth={0.8}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

interface SilhouetteProps {
  readonly look: Look;
  readonly width: number;
  readonly height: number;
  readonly isDashed: boolean;
}

function Silhouette({ look, width, height, isDashed }: SilhouetteProps) {
  const weave = useId();
  const { layers } = useDrawing(look.silhouette);
  const body = layers.find(([tone]) => tone === 'own')?.[1];
  const pattern = patternOf(look.stuff);
  return (
    <svg
      aria-hidden="true"
      width={width}
      height={height}
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      style={{
        display: 'block',
        overflow: 'visible',
        pointerEvents: 'none',
        opacity: isDashed ? 0.55 : 1,
      }}
    >
      {pattern && (
        <pattern
          id={weave}
          width={(pattern.step * 100) / width}
          height={(pattern.step * 100) / height}
          patternUnits="userSpaceOnUse"
        >
          <path
            d={`M0 ${(pattern.step * 50) / height}H${(pattern.step * 100) / width}`}
            stroke={pattern.stroke}
            strokeWidth={pattern.width}
            vectorEffect="non-scaling-stroke"
          />
        </pattern>
      )}
      <path
        d={shadeOf(layers)}
        fill={shadow}
        transform={`translate(${180 / width} ${250 / height})`}
      />
      {layers.map(([tone, path], at) => (
        <path
          key={at}
          d={path}
          fill={fillOf(tone, look.colour)}
          fillRule="evenodd"
          stroke={tone === 'light' || tone === 'shine' ? 'none' : outline}
          strokeWidth={0.8}
          strokeDasharray={isDashed ? '4 3' : undefined}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {pattern && body && <path d={body} fill={`url(#${weave})`} fillRule="evenodd" />}
    </svg>
  );
}

/** All that throws a shadow, as one outline. */
function shadeOf(layers: readonly Layer[]): string {
  return layers
    .filter(([tone]) => tone !== 'light' && tone !== 'shine')
    .map(([, path]) => path)
    .join('');
}

const shadow = 'rgba(40, 24, 10, 0.28)';
const outline = 'rgba(38, 24, 14, 0.62)';

function fillOf(tone: Tone, colour: string): string {
  switch (tone) {
    case 'own':
      return colour;
    case 'light':
      return `color-mix(in srgb, ${colour}, #fff6e4 34%)`;
    case 'dark':
      return `color-mix(in srgb, ${colour}, #1d120a 34%)`;
    case 'steel':
      return '#a9afb0';
    case 'shine':
      return 'rgba(255, 255, 255, 0.42)';
    case 'black':
      return '#332b26';
    case 'wood':
      return '#b88a52';
    case 'paper':
      return '#f4ecd8';
    case 'glow':
      return '#f0b33c';
  }
}

/** The grain of a stuff, over the body: cloth is woven, rope is laid, wood has its fibres. */
function patternOf(stuff: Stuff) {
  switch (stuff) {
    case 'cloth':
    case 'wool':
    case 'cotton':
    case 'down':
      return { step: 3, width: 0.7, stroke: 'rgba(30, 18, 8, 0.17)' };
    case 'rope':
      return { step: 5, width: 1.6, stroke: 'rgba(30, 18, 8, 0.22)' };
    case 'wood':
      return { step: 7, width: 0.7, stroke: 'rgba(30, 18, 8, 0.24)' };
    default:
      return null;
  }
}
