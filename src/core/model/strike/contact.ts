import { BALL_MASS, BALL_RADIUS } from '@/core/ground/ball/ball';
import { effectiveLoft, faceAzimuth, type HeadNormals } from '@/core/ground/club/geometry';
import { clamp, smoothstep, softMin, softPositive } from '@/core/ground/numeric/soft';
import type { HeadState } from '../passage/passage';
import type { Sand } from '@/core/ground/sand/presets';
import { throughSandAbove } from './burial';
import type { Launch } from './launch';

/** Area of sand between face and ball that turns a clean strike into one through sand, m^2. Tuned. */
const CLEAN_AREA = 14e-6;

/**
 * Area of sand swept, m^2, by which the sheet on the face has formed that throws the ball on, and the share of its restitution
 * that the first grains have: they are pressed together first. Tuned to what a mark 2 cm too far back takes from a picked ball.
 */
const SHEET_AREA = 200e-6;
const THIN_SHEET = 0.64;

/** Way through the sand, m, on which so much of it heaps up before the face that the blow hardly reaches the ball. Tuned. */
const HEAP_FROM = 0.165;

/** Height over the sand, m, past which a leading edge meets the ball with little of the sand that it swept. Tuned. */
const SHEET_RIDES = 0.005;

/** Thickness of the cushion in which spin dies away, m. Tuned. */
const CUSHION_SPIN = 0.022;

/** The wedge of sand that stands still on a laid-back face lowers the loft past this angle. Tuned. */
const STAGNANT_FROM = (50 * Math.PI) / 180;
const STAGNANT_SHARE = 0.43;
/**
 * Share of the face's azimuth that sand between face and ball loses: the sheet of sand is carried along the path
 * of the head, not square to the face. Tuned to splash distances at 10 to 25 degrees open.
 */
const SHEET_ALONG_PATH = 0.54;
const LOFT_SOFTNESS = (4 * Math.PI) / 180;

/**
 * Sand pushed along under a deep leading edge, as a share of the edge's depth past DEEP_EDGE: it lifts a sunken ball
 * that the edge itself would meet above its bottom. Tuned to what plugged and buried balls do.
 */
const DEEP_EDGE = 0.0165;
const SAND_BELOW_EDGE = 1.18;

const CLEAN_FRICTION = 0.3;

/**
 * Edge height on the ball from which a strike is called thin, m: a quarter of the radius for a ball that sits; a sunken
 * ball is always met some way up, and only past the middle of what is under does it count.
 */
const thinEdge = (burial: number): number => BALL_RADIUS / 4 + 0.4 * Math.max(0, burial - 0.006);

/**
 * Blow from head to ball, one law from a clean strike to a buried ball: the normal impulse through whatever
 * sand lies between, sliding or rolling at the face for a clean strike, shear of the sand sheet otherwise. A head that the sand
 * has stopped moves no ball.
 *
 * @param head the head at the ball, before the blow
 * @param normals face as delivered at the mark
 * @param sand the sand
 * @param burial depth of the ball's lowest point below the surface, m, 0 to 0.05
 * @param headMass kg
 */
export function strikeBall(
  head: HeadState,
  normals: HeadNormals,
  sand: Sand,
  burial: number,
  headMass: number,
): Launch {
  const dive = Math.atan2(head.down, head.forward);
  const cushion = (head.depth - burial + BALL_RADIUS) * Math.cos(dive) - BALL_RADIUS;
  const over = softPositive(cushion, 0.001);
  const bare = Math.min(softPositive(-cushion, 0.001), BALL_RADIUS);
  const early = Math.sqrt(2 * BALL_RADIUS * bare - bare * bare);
  const share = head.path > 0 ? Math.max(0, 1 - early / head.path) : 0;
  const above = softPositive(bare - burial, 0.001) / SHEET_RIDES;
  const between = head.swept * share * share * Math.exp(-above * above);
  const clean = Math.exp(-between / CLEAN_AREA);
  const sandy = 1 - clean;
  const below = SAND_BELOW_EDGE * sandy * softPositive(head.depth - DEEP_EDGE, 0.003);
  const edge = softPositive(-cushion - below, 0.001);
  const low = Math.min(edge, BALL_RADIUS);
  const u = head.forward;
  const v = head.down * (clean + 0.25 * sandy);

  const turned = effectiveLoft(normals) + head.path;
  const wedge =
    turned - STAGNANT_SHARE * sandy * softPositive(turned - STAGNANT_FROM, LOFT_SOFTNESS);
  const edgeLimit = Math.asin(1 - low / BALL_RADIUS) - dive;
  const loft = softMin(wedge, edgeLimit, LOFT_SOFTNESS);
  const azimuth = faceAzimuth(normals) * (1 - SHEET_ALONG_PATH * sandy);
  const nx = Math.cos(loft) * Math.cos(azimuth);
  const ny = Math.cos(loft) * Math.sin(azimuth);
  const nz = Math.sin(loft);

  const vn = Math.max(0, u * nx - v * nz);
  const tx = u - vn * nx;
  const ty = -vn * ny;
  const tz = -v - vn * nz;
  const slide = Math.sqrt(tx * tx + ty * ty + tz * tz);

  const slow = vn / 32;
  const sheet = THIN_SHEET + (1 - THIN_SHEET) * (1 - Math.exp(-between / SHEET_AREA));
  const far = (head.path / HEAP_FROM) * (head.path / HEAP_FROM);
  const heap = clean + sandy * Math.exp(-far * far * far);
  const handedOn = heap * Math.exp(-over / sand.cushionDepth);
  const restitution =
    clean * (0.88 - 0.0025 * vn) +
    (sandy * sand.cushionRestitution * sheet) / (1 + slow * slow * slow);
  const edgeLoss = (edge / 0.008) * (edge / 0.008);
  const past = clamp((2 * BALL_RADIUS - edge) / BALL_RADIUS, 0, 1);
  const normalSpeed =
    ((((1 + restitution) * headMass) / (headMass + BALL_MASS)) * handedOn * past * vn) /
    (1 + 0.05 * edgeLoss);

  const rolling = 0.87 * slide;
  const sliding = 2.5 * CLEAN_FRICTION * normalSpeed;
  const rim = softMin(rolling, sliding, 0.075 * (rolling + sliding));
  const sheared = sand.faceShear * slide * handedOn;
  const tangent = clean * 0.4 * rim + sandy * sheared;
  const spin =
    ((2.5 * tangent) / BALL_RADIUS) * (clean + sandy * 0.92 * Math.exp(-over / CUSHION_SPIN));
  const alive = smoothstep((u - 1) / 2);
  const kn = normalSpeed * alive;
  const kt = slide > 1e-9 ? (tangent * alive) / slide : 0;
  const kw = slide > 1e-9 ? (spin * alive) / slide : 0;

  const launch: Launch = {
    vx: kn * nx + kt * tx,
    vy: kn * ny + kt * ty,
    vz: kn * nz + kt * tz,
    wx: -kw * (ny * tz - nz * ty),
    wy: -kw * (nz * tx - nx * tz),
    wz: -kw * (nx * ty - ny * tx),
    cleanness: clean,
    cushion,
    thin: !head.stalled && edge > thinEdge(burial),
  };
  throughSandAbove(launch, sand, burial, edge);
  return launch;
}
