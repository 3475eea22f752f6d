// A filled cover that can be turned, by finger, mouse or arrow keys; loaded only once somebody asks for it.
import * as three from './lib/three.module.min.js';

const TEXTURE = 1024;
const STEP = Math.PI / 24;
const STEEPEST = 1.35;
const LARGEST = 600;
const SOFTWARE = isDrawnBySoftware();
// Where drawing is slow, it is drawn coarser as long as it turns.
const COARSER = SOFTWARE ? .7 : 1;
const STILL = 160;

/** A picture of a cloth, laid edge to edge. */
async function pictured(pen, picture) {
  const image = new Image();
  image.src = picture.href;
  await image.decode();
  const pattern = pen.createPattern(image, 'repeat');
  pattern.setTransform(new DOMMatrix().rotate(picture.turned)
    .scale(picture.wide / image.width, picture.high / image.height));
  return pattern;
}

/** What is painted on one side as it lies flat. */
async function painted(scene, areas) {
  const canvas = document.createElement('canvas');
  const scale = TEXTURE / Math.max(scene.width, scene.height);
  canvas.width = Math.round(scene.width * scale);
  canvas.height = Math.round(scene.height * scale);
  const pen = canvas.getContext('2d');
  pen.scale(scale, scale);
  for (const area of areas) {
    pen.globalAlpha = area.opacity ?? 1;
    pen.beginPath();
    for (const outline of area.outlines) {
      for (let i = 0; i < outline.length; i += 2) pen[i ? 'lineTo' : 'moveTo'](outline[i], outline[i + 1]);
      if (!area.stroke) pen.closePath();
    }
    if (area.stroke) {
      pen.strokeStyle = area.stroke;
      pen.lineWidth = area.thick;
      pen.setLineDash(area.broken ? [5, 3] : []);
      pen.stroke();
    } else {
      pen.fillStyle = area.picture ? await pictured(pen, area.picture).catch(() => area.fill) : area.fill;
      pen.fill();
    }
  }
  const texture = new three.CanvasTexture(canvas);
  texture.colorSpace = three.SRGBColorSpace;
  texture.anisotropy = SOFTWARE ? 1 : 4;
  return texture;
}

/** One side of a sheet whose picture lies flat; its back is the mirror image of its front. */
function side(scene, sheet, map, back) {
  const count = sheet.flat.length / 2;
  const places = new Float32Array(3 * count);
  const uv = new Float32Array(2 * count);
  for (let i = 0; i < count; i++) {
    places.set([sheet.filled[3 * i], sheet.filled[3 * i + 1], sheet.filled[3 * i + 2] * (back ? -1 : 1)], 3 * i);
    uv.set([(back ? -1 : 1) * sheet.flat[2 * i] / scene.width + .5, sheet.flat[2 * i + 1] / scene.height + .5], 2 * i);
  }
  const shape = new three.BufferGeometry();
  shape.setAttribute('position', new three.BufferAttribute(places, 3));
  shape.setAttribute('uv', new three.BufferAttribute(uv, 2));
  const triangles = sheet.triangles.slice();
  if (back) {
    for (let i = 1; i < triangles.length; i += 3) [triangles[i], triangles[i + 1]] = [triangles[i + 1], triangles[i]];
  }
  shape.setIndex(triangles);
  shape.computeVertexNormals();
  return new three.Mesh(shape, new three.MeshLambertMaterial({ map, side: three.FrontSide }));
}

const pairs = (values) => values.flatMap((x, i) => i % 2 ? [] : [new three.Vector2(x, values[i + 1])]);
const triples = (values) => values.flatMap((x, i) => i % 3 ? [] : [new three.Vector3(x, values[i + 1], values[i + 2])]);

/** The cloth outside the seam, which stays flat, as a sheet of its own. */
function flange(scene) {
  const hole = scene.seam.map((i) => new three.Vector2(scene.flat[2 * i], scene.flat[2 * i + 1])).reverse();
  let outer = pairs(scene.flange.flat);
  let filled = triples(scene.flange.filled);
  if (three.ShapeUtils.isClockWise(outer)) [outer, filled] = [outer.reverse(), filled.reverse()];
  const sewn = scene.seam.map((i) => new three.Vector3(...scene.filled.slice(3 * i, 3 * i + 3))).reverse();
  return {
    flat: [...outer, ...hole].flatMap((point) => [point.x, point.y]),
    filled: [...filled, ...sewn].flatMap((point) => [point.x, point.y, point.z]),
    triangles: three.ShapeUtils.triangulateShape(outer, [hole]).flat(),
  };
}

/** Trims that stand out beyond the seam: flat shapes, each on those before it. */
function rim(scene) {
  const all = new three.Group();
  scene.rim.forEach((area, order) => {
    const places = [];
    const triangles = [];
    for (const polygon of area.polygons) {
      const points = triples(polygon);
      const from = places.length / 3;
      places.push(...polygon);
      triangles.push(...three.ShapeUtils.triangulateShape(points, []).flat().map((i) => from + i));
    }
    const shape = new three.BufferGeometry();
    shape.setAttribute('position', new three.Float32BufferAttribute(places, 3));
    shape.setIndex(triangles);
    shape.computeVertexNormals();
    const paint = new three.MeshBasicMaterial({
      color: area.fill, opacity: area.opacity ?? 1, transparent: true, depthWrite: false, side: three.DoubleSide,
    });
    const layer = new three.Mesh(shape, paint);
    layer.renderOrder = order;
    all.add(layer);
  });
  return all;
}

/** Cords and braids that lie along the seam. */
function cords(scene) {
  const all = new three.Group();
  for (const cord of scene.cords) {
    const path = triples(cord.path);
    const round = path.length > 2 && path[0].distanceTo(path[path.length - 1]) < 1;
    const curve = new three.CatmullRomCurve3(round ? path.slice(0, -1) : path, round, 'centripetal');
    const tube = new three.TubeGeometry(curve, 2 * path.length, Math.max(1, cord.thick / 2), 6, round);
    all.add(new three.Mesh(tube, new three.MeshLambertMaterial({ color: cord.fill })));
  }
  return all;
}

function seam(scene) {
  const points = scene.seam.map((i) => new three.Vector3(...scene.filled.slice(3 * i, 3 * i + 3)));
  const line = new three.BufferGeometry().setFromPoints(points);
  return new three.LineLoop(line, new three.LineBasicMaterial({ color: 0x1b2a41 }));
}

/** How far anything reaches from the middle. */
function farthest(scene) {
  const trims = scene.rim.flatMap((area) => area.polygons).flatMap(triples).map((point) => point.length());
  return trims.reduce((far, each) => Math.max(far, each), Math.hypot(scene.width, scene.height) / 2);
}

function lit() {
  const lights = new three.Group();
  const lamp = new three.DirectionalLight(0xffffff, 2.4);
  lamp.position.set(-.38, .58, .72);
  lights.add(lamp, new three.HemisphereLight(0xffffff, 0xb8b2a4, 1.1));
  return lights;
}

/** Whether there is no graphics card, so that smooth edges and slanting prints cost more than they are worth. */
function isDrawnBySoftware() {
  const probe = document.createElement('canvas').getContext('webgl');
  const info = probe && probe.getExtension('WEBGL_debug_renderer_info');
  return !info || /software|swiftshader|llvmpipe/i.test(probe.getParameter(info.UNMASKED_RENDERER_WEBGL));
}

/** Puts a canvas that can be turned in place of a drawing. */
export async function turn(button) {
  const figure = button.closest('figure');
  const drawing = figure.querySelector('svg');
  const canvas = document.createElement('canvas');
  let renderer;
  try {
    renderer = new three.WebGLRenderer({ canvas, antialias: !SOFTWARE, alpha: true });
  } catch {
    button.textContent = button.dataset.cannot;
    button.disabled = true;
    return;
  }
  const answer = await fetch(button.dataset.turn);
  if (!answer.ok) throw new Error('no shape');
  const scene = await answer.json();
  const world = new three.Scene();
  const cover = new three.Group();
  const sheets = scene.flange ? [scene, flange(scene)] : [scene];
  for (const back of [false, true]) {
    const map = await painted(scene, back ? scene.back : scene.front);
    sheets.forEach((sheet) => cover.add(side(scene, sheet, map, back)));
  }
  cover.add(seam(scene), cords(scene), rim(scene));
  world.add(cover, lit());
  figure.classList.add('turned');
  const wide = Math.max(220, Math.min(figure.clientWidth, LARGEST));
  const reach = farthest(scene) * 1.02;
  const camera = new three.OrthographicCamera(-reach, reach, reach, -reach, -3 * reach, 3 * reach);
  const fine = Math.min(2, window.devicePixelRatio);
  renderer.setPixelRatio(fine);
  renderer.setSize(wide, wide);
  let turned = -.58;
  let tipped = .24;
  let asked = false;
  let still = null;

  function draw() {
    asked = false;
    cover.rotation.set(tipped, turned, 0, 'XYZ');
    renderer.render(world, camera);
  }
  function show() {
    if (!asked) requestAnimationFrame(draw);
    asked = true;
  }
  function asFineAs(ratio) {
    if (renderer.getPixelRatio() === ratio) return;
    renderer.setPixelRatio(ratio);
    show();
  }
  function by(right, down) {
    asFineAs(fine * COARSER);
    clearTimeout(still);
    still = setTimeout(asFineAs, STILL, fine);
    turned += right;
    tipped = Math.max(-STEEPEST, Math.min(STEEPEST, tipped + down));
    show();
  }
  canvas.className = 'turning-cover';
  canvas.tabIndex = 0;
  canvas.setAttribute('role', 'img');
  canvas.setAttribute('aria-label', drawing.getAttribute('aria-label') + ' ' + button.dataset.keys);
  canvas.addEventListener('pointerdown', (event) => canvas.setPointerCapture(event.pointerId));
  canvas.addEventListener('pointermove', (event) => {
    if (canvas.hasPointerCapture(event.pointerId)) by(event.movementX / 110, event.movementY / 110);
  });
  canvas.addEventListener('keydown', (event) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!way) return;
    event.preventDefault();
    by(way[0] * STEP, way[1] * STEP);
  });
  drawing.replaceWith(canvas);
  button.remove();
  canvas.focus();
  draw();
}
