'use client';

import { Canvas, useFrame, useThree, type ThreeEvent } from '@react-three/fiber';
import { useEffect, useMemo, useRef } from 'react';
import {
  BoxGeometry,
  CylinderGeometry,
  DoubleSide,
  EdgesGeometry,
  type BufferGeometry,
  type Group,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { RoundedBoxGeometry } from 'three/examples/jsm/geometries/RoundedBoxGeometry.js';
import {
  blocksOf,
  hullOf,
  middleOf,
  type Container,
  type Sides,
  type Solid,
} from '@/core/fit/laid-out';
import type { PlacedPiece } from './pieces';

/** Where the picture is seen from: angles in radians about the upright and from it. */
export interface ViewFrom {
  readonly around: number;
  readonly down: number;
}

export interface RoomViewProps {
  readonly container: Container;
  readonly pieces: readonly PlacedPiece[];
  /** How many of them are in. */
  readonly step: number;
  readonly selected: string | null;
  /** How far the pieces are drawn apart: 0 as they lie, 1 clear of each other. */
  readonly apart: number;
  readonly from: ViewFrom;
  readonly isDark: boolean;
  readonly onSelect: (id: string) => void;
  /** The piece under the pointer; null for none. */
  readonly onPoint: (id: string | null) => void;
}

/** In degrees, upright. */
const fieldOfView = 32;

/** The room in the round, in units of its longest side. Drawn only when something changes. */
export function RoomView(props: RoomViewProps) {
  const { container, pieces, step, apart, from, isDark } = props;
  const hull = hullOf(container);
  // Drawn apart it takes more room, and is drawn smaller for it.
  const scale = 1 / Math.max(...hull);
  const shrunk = scale / (1 + apart * 0.8);
  return (
    <Canvas frameloop="demand" camera={{ fov: fieldOfView, near: 0.05, far: 30 }} dpr={[1, 2]} flat>
      <hemisphereLight args={[isDark ? '#fff2dc' : '#ffffff', '#8a7458', 1.9]} />
      <directionalLight position={[1.5, 3, 2]} intensity={1.7} />
      <Orbit from={from} radius={(Math.hypot(...hull) * scale) / 2} />
      <group scale={shrunk} position={[0, (-hull[2] * (1 + apart * 1.1) * shrunk) / 2, 0]}>
        <Walls container={container} colour={isDark ? '#e7d6b8' : '#35251a'} />
        {pieces
          .slice(0, step)
          .flatMap((piece) =>
            blocksOf(piece.stowed).map((block, at) => (
              <Block
                key={`${piece.stowed.id} ${at}`}
                piece={piece}
                block={block}
                hull={hull}
                {...props}
              />
            )),
          )}
      </group>
    </Canvas>
  );
}

/** Turned by hand, and by the buttons beside the picture. */
function Orbit({ from, radius }: { readonly from: ViewFrom; readonly radius: number }) {
  const { camera, gl, invalidate } = useThree();
  useEffect(() => {
    // Made here and not while drawing, as it listens to the picture from the first on.
    const controls = new OrbitControls(camera, gl.domElement);
    controls.enablePan = false;
    controls.minDistance = 0.8;
    controls.maxDistance = 7;
    const redraw = () => invalidate();
    controls.addEventListener('change', redraw);
    const far = (1.1 * radius) / Math.sin((fieldOfView / 2) * (Math.PI / 180));
    camera.position.set(
      far * Math.sin(from.down) * Math.sin(from.around),
      far * Math.cos(from.down),
      far * Math.sin(from.down) * Math.cos(from.around),
    );
    controls.update();
    invalidate();
    return () => {
      controls.removeEventListener('change', redraw);
      controls.dispose();
    };
  }, [camera, gl, from, radius, invalidate]);
  return null;
}

/** Lets a shape that was made by hand go from the graphics card with its component: nothing else does. */
function useDisposed(shape: BufferGeometry): void {
  useEffect(() => () => shape.dispose(), [shape]);
}

/** The container's outline, open at the top, on a faint floor. */
function Walls({ container, colour }: { readonly container: Container; readonly colour: string }) {
  const [l, w, h] = hullOf(container);
  const isRound = container.shape === 'cylinder';
  const edges = useMemo(
    () =>
      new EdgesGeometry(
        isRound ? new CylinderGeometry(l / 2, l / 2, h, 64) : new BoxGeometry(l, h, w),
        20,
      ),
    [isRound, l, w, h],
  );
  useDisposed(edges);
  return (
    <group position={[0, h / 2, 0]}>
      <lineSegments geometry={edges}>
        <lineBasicMaterial color={colour} transparent opacity={0.75} />
      </lineSegments>
      <mesh position={[0, -h / 2, 0]} rotation={[-Math.PI / 2, 0, 0]}>
        {isRound ? <circleGeometry args={[l / 2, 64]} /> : <planeGeometry args={[l, w]} />}
        <meshBasicMaterial color={colour} transparent opacity={0.12} side={DoubleSide} />
      </mesh>
      {isRound && (
        <mesh>
          <cylinderGeometry args={[l / 2, l / 2, h, 64, 1, true]} />
          <meshBasicMaterial
            color={colour}
            transparent
            opacity={0.06}
            side={DoubleSide}
            depthWrite={false}
          />
        </mesh>
      )}
    </group>
  );
}

interface BlockProps extends RoomViewProps {
  readonly piece: PlacedPiece;
  readonly block: Solid;
  readonly hull: Sides;
}

/** How long the piece that was just put in takes to come down, in seconds. */
const comesInS = 0.35;

/** A piece, or one block of it. */
function Block(props: BlockProps) {
  const { piece, block, hull, step, selected, apart, isDark, onSelect, onPoint } = props;
  const group = useRef<Group>(null);
  const age = useRef(comesInS);
  const { invalidate } = useThree();
  const { stowed, look, form } = piece;
  const isLast = piece.step === step;
  const isSelected = selected === stowed.id;
  const isDim = selected !== null && !isSelected;
  const geometry = useMemo(() => geometryOf(piece, block), [piece, block]);
  const edges = useMemo(() => new EdgesGeometry(geometry, 25), [geometry]);
  useDisposed(geometry);
  useDisposed(edges);
  const [x, y, z] = [0, 1, 2].map((k) => middleOf(block, k)) as [number, number, number];
  const place: Sides = [
    (x - hull[0] / 2) * (1 + apart),
    z * (1 + apart * 1.1),
    (hull[1] / 2 - y) * (1 + apart),
  ];
  useEffect(() => {
    const isStill = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    age.current = isLast && !isStill ? 0 : comesInS;
    invalidate();
  }, [isLast, invalidate]);
  useFrame((_, seconds) => {
    if (!group.current) return;
    age.current = Math.min(comesInS, age.current + Math.min(seconds, 0.05));
    const rest = 1 - age.current / comesInS;
    group.current.position.set(place[0], place[1] + rest * rest * hull[2] * 0.8, place[2]);
    if (rest > 0) invalidate();
  });
  const isRing = stowed.within?.how === 'around';
  return (
    <group
      ref={group}
      position={[...place]}
      onPointerOver={(event: ThreeEvent<PointerEvent>) => {
        event.stopPropagation();
        onPoint(stowed.id);
      }}
      onPointerOut={() => onPoint(null)}
      onClick={(event: ThreeEvent<MouseEvent>) => {
        event.stopPropagation();
        onSelect(stowed.id);
      }}
    >
      <mesh geometry={geometry}>
        <meshStandardMaterial
          // Whether it is seen through is built into a material: another one is made.
          key={isDim ? 'dim' : 'plain'}
          color={look.colour}
          roughness={form.shape === 'soft' ? 1 : 0.55}
          metalness={look.stuff === 'steel' ? 0.25 : 0}
          transparent={isDim || isRing}
          opacity={isDim ? 0.22 : isRing ? 0.6 : 1}
          depthWrite={!isDim}
          side={isRing ? DoubleSide : undefined}
          emissive={isSelected ? '#7fb069' : '#000000'}
          emissiveIntensity={isSelected ? 0.35 : 0}
        />
      </mesh>
      <lineSegments geometry={edges}>
        <lineBasicMaterial
          color={isSelected || isLast ? (isDark ? '#ffffff' : '#111111') : '#3a2c20'}
          transparent
          opacity={isDim ? 0.25 : isSelected || isLast ? 1 : 0.55}
        />
      </lineSegments>
    </group>
  );
}

/** A piece's own shape about its middle; up is y here. A hair smaller, so that neighbours do not flicker. */
function geometryOf({ stowed, form }: PlacedPiece, block: Solid): BufferGeometry {
  const [dx, dy, dz] = block.sizeMm.map((mm) => Math.max(mm - 0.4, mm * 0.9)) as [
    number,
    number,
    number,
  ];
  if (block.axis === null) {
    return form.shape === 'soft'
      ? new RoundedBoxGeometry(dx, dz, dy, 3, Math.min(dx, dy, dz) * 0.3)
      : new BoxGeometry(dx, dz, dy);
  }
  const isOpen = stowed.within?.how === 'around';
  switch (block.axis) {
    case 'z':
      return new CylinderGeometry(dx / 2, dx / 2, dz, 40, 1, isOpen);
    case 'x':
      return new CylinderGeometry(dy / 2, dy / 2, dx, 40, 1, isOpen).rotateZ(Math.PI / 2);
    case 'y':
      return new CylinderGeometry(dx / 2, dx / 2, dy, 40, 1, isOpen).rotateX(Math.PI / 2);
  }
}
