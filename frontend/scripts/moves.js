// What is done in a step, played once on its picture: pieces come down in their order, an edge folds over, a bag turns.
// Short, and still for whoever wants no motion.
(function () {
  'use strict';
  const WHOLE = 400;
  const HEIGHT = 26;
  const ORIGINS = { top: 'center top', bottom: 'center bottom', left: 'left center', right: 'right center' };

  function isStill() { return window.matchMedia('(prefers-reduced-motion: reduce)').matches; }
  function animate(element, frames, from, long) {
    element.animate(frames, { delay: from, duration: long, easing: 'ease-out', fill: 'backwards' });
  }
  // Each piece that is laid down begins with its shade; what is drawn over all of them comes last.
  function layers(drawing) {
    const laid = [];
    const rest = [];
    let now = null;
    Array.from(drawing.children).forEach(function (each) {
      if (each.classList.contains('shade')) {
        now = [];
        laid.push(now);
      } else if (each.matches('.l-pin, g, .tag, text') || each.matches('path') && laid.length) {
        now = null;
      }
      if (now) now.push(each);
      else if (laid.length) rest.push(each);
    });
    return { laid: laid, rest: rest };
  }
  function lay(drawing) {
    const found = layers(drawing);
    const each = WHOLE / (found.laid.length + 1);
    found.laid.forEach(function (layer, at) {
      layer.forEach(function (part) {
        animate(part, [{ transform: 'translateY(-' + HEIGHT + 'px)', opacity: 0 }, { transform: 'none', opacity: 1 }],
          at * each, each);
      });
    });
    found.rest.forEach(function (part) {
      animate(part, [{ opacity: 0 }, { opacity: 1 }], found.laid.length * each, each);
    });
  }
  function fold(drawing, side) {
    const across = side === 'left' || side === 'right';
    drawing.querySelectorAll('.turning').forEach(function (part) {
      part.style.transformBox = 'fill-box';
      part.style.transformOrigin = ORIGINS[side];
      animate(part, [{ transform: across ? 'scaleX(0)' : 'scaleY(0)' }, { transform: 'none' }], 0, WHOLE);
    });
  }
  function turn(svg) {
    animate(svg, [{ transform: 'scaleX(1)' }, { transform: 'scaleX(0)' }, { transform: 'scaleX(1)' }], 0, WHOLE);
  }

  function play(step) {
    const shown = step && step.querySelector('[data-motion]');
    const svg = shown && shown.querySelector('svg');
    if (!svg || isStill() || !svg.animate) return;
    const motion = shown.dataset.motion.split(' ');
    const drawing = svg.querySelector(':scope > g') || svg;
    if (motion[0] === 'turn') turn(svg);
    if (motion[0] === 'lay') lay(drawing);
    if (motion[0] === 'fold') fold(drawing, motion[1]);
  }
  window.moves = { play: play };
}());
