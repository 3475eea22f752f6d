// A filled cover that can be turned, by finger, mouse or arrow keys; loaded only once somebody asks for it.
import * as three from './lib/three.module.min.js';

const TEXTURE = 1024;
const STEP = Math.PI / 24;
const STEEPEST = 1.35;
const LARGEST = 520;

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
      pen.stroke();
    } else {
      pen.fillStyle = area.picture ? await pictured(pen, area.picture).catch(() => area.fill) : area.fill;
      pen.fill();
    }
  }
  const texture = new three.CanvasTexture(canvas);
  texture.colorSpace = three.SRGBColorSpace;
  texture.anisotropy = 4;
  return texture;
}

async function side(scene, areas, back) {
  const count = scene.flat.length / 2;
  const places = new Float32Array(3 * count);
  const uv = new Float32Array(2 * count);
  for (let i = 0; i < count; i++) {
    places.set([scene.filled[3 * i], scene.filled[3 * i + 1], scene.filled[3 * i + 2] * (back ? -1 : 1)], 3 * i);
    uv.set([(back ? -1 : 1) * scene.flat[2 * i] / scene.width + .5, scene.flat[2 * i + 1] / scene.height + .5], 2 * i);
  }
  const shape = new three.BufferGeometry();
  shape.setAttribute('position', new three.BufferAttribute(places, 3));
  shape.setAttribute('uv', new three.BufferAttribute(uv, 2));
  const triangles = scene.triangles.slice();
  if (back) {
    for (let i = 1; i < triangles.length; i += 3) [triangles[i], triangles[i + 1]] = [triangles[i + 1], triangles[i]];
  }
  shape.setIndex(triangles);
  shape.computeVertexNormals();
  const map = await painted(scene, areas);
  return new three.Mesh(shape, new three.MeshLambertMaterial({ map, side: three.DoubleSide }));
}

function seam(scene) {
  const points = scene.seam.map((i) => new three.Vector3(...scene.filled.slice(3 * i, 3 * i + 3)));
  const line = new three.BufferGeometry().setFromPoints(points);
  return new three.LineLoop(line, new three.LineBasicMaterial({ color: 0x1b2a41 }));
}

function lit() {
  const lights = new three.Group();
  const lamp = new three.DirectionalLight(0xffffff, 2.4);
  lamp.position.set(-.38, .58, .72);
  lights.add(lamp, new three.HemisphereLight(0xffffff, 0xb8b2a4, 1.1));
  return lights;
}

/** Whether there is no graphics card, so that smooth edges cost more than they are worth. */
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
    renderer = new three.WebGLRenderer({ canvas, antialias: !isDrawnBySoftware(), alpha: true });
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
  cover.add(await side(scene, scene.front, false), await side(scene, scene.back, true), seam(scene));
  world.add(cover, lit());
  figure.classList.add('turned');
  const wide = Math.max(220, Math.min(figure.clientWidth, LARGEST));
  const reach = Math.hypot(scene.width, scene.height) / 2 * 1.02;
  const camera = new three.OrthographicCamera(-reach, reach, reach, -reach, -3 * reach, 3 * reach);
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  renderer.setSize(wide, wide);
  let turned = -.58;
  let tipped = .24;
  let asked = false;

  function draw() {
    asked = false;
    cover.rotation.set(tipped, turned, 0, 'XYZ');
    renderer.render(world, camera);
  }
  function show() {
    if (!asked) requestAnimationFrame(draw);
    asked = true;
  }
  function by(right, down) {
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
