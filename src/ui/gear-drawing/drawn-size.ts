import { roomMl, type Form, type Gear, type Silhouette } from '@/core/gear';
import { poseOf } from './drawings';
import type { Drawing } from './silhouettes';

/** How large a piece is drawn, in millimetres of the real thing. */
export interface DrawnSize {
  readonly widthMm: number;
  readonly heightMm: number;
  /** False where no size is known and a stand-in is drawn. */
  readonly isTrue: boolean;
}

/** How a soft piece of a silhouette lies: its width by its height, and its thickness by its edge length. */
const softShapes: Partial<Record<Silhouette, readonly [aspect: number, thickness: number]>> = {
  roll: [2.2, 0.75],
  'folded-sheet': [1.35, 0.45],
  garment: [1.15, 0.4],
  hank: [1.5, 0.6],
  pouch: [1.35, 0.5],
  pack: [0.6, 0.75],
  'dry-bag': [0.6, 0.8],
  'food-pouch': [0.75, 0.4],
  'water-bag': [1.6, 0.2],
  net: [1.3, 0.4],
  jug: [0.9, 0.7],
  bucket: [0.9, 0.7],
  wallet: [1.35, 0.2],
};

/** The size of a piece as it lies on the mat, seen from above or from the side that tells it best. */
export function drawnSize(gear: Gear): DrawnSize {
  const { form, look } = gear;
  if (form === null) return { widthMm: 70, heightMm: 45, isTrue: false };
  const pose = poseOf(look.silhouette);
  switch (form.shape) {
    case 'cylinder':
      return { ...rigidCylinder(form, pose), isTrue: true };
    case 'box':
      return { ...rigidBox(form, pose), isTrue: true };
    case 'soft':
      return { ...softPiece(gear, form), isTrue: true };
  }
}

type Pose = Drawing['pose'];

function rigidCylinder({ diameterMm, heightMm }: Form & { shape: 'cylinder' }, pose: Pose) {
  const isDisc = heightMm < diameterMm / 2;
  if (pose === 'round' || isDisc) return { widthMm: diameterMm, heightMm: diameterMm };
  return pose === 'stands'
    ? { widthMm: diameterMm, heightMm }
    : { widthMm: heightMm, heightMm: diameterMm };
}

function rigidBox(form: Form & { shape: 'box' }, pose: Pose) {
  const [longest, middle] = [form.lengthMm, form.widthMm, form.heightMm].sort((a, b) => b - a);
  return pose === 'stands'
    ? { widthMm: Math.max(form.lengthMm, form.widthMm), heightMm: form.heightMm }
    : { widthMm: longest!, heightMm: middle! };
}

/** Soft holders are drawn filled, since that is how they are met. */
function softPiece({ cavities, look }: Gear, form: Form & { shape: 'soft' }) {
  const [aspect, thickness] = softShapes[look.silhouette] ?? [1.3, 0.5];
  const rooms = cavities.reduce((sum, { inside }) => sum + roomMl(inside), 0);
  const volumeMm3 = (rooms > 0 ? form.tightMl + rooms : form.looseMl) * 1000;
  const thickMm = Math.max(form.thinnestMm, thickness * Math.cbrt(volumeMm3));
  const heightMm = Math.sqrt(volumeMm3 / thickMm / aspect);
  return { widthMm: heightMm * aspect, heightMm };
}
