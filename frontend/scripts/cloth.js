// The cloth view: sliding the print under a piece, drawing a remnant by its corners, and setting a picture's scale.
(function () {
  'use strict';

  const NS = 'http://www.w3.org/2000/svg';

  // The print slides under the window with the pointer or the arrow keys; the layout follows when it comes to rest.
  let slid = { right: 0, down: 0 };
  let resting = null;
  let dragged = null;

  function show(pane) {
    pane.dataset.dirty = '';
    const print = pane.querySelector('#window-print');
    if (!print.dataset.from) print.dataset.from = print.getAttribute('patternTransform');
    const scale = Number(pane.dataset.scale);
    const slide = 'translate(' + slid.right * scale + ' ' + slid.down * scale + ') ';
    print.setAttribute('patternTransform', slide + print.dataset.from);
  }

  function rest(after) {
    clearTimeout(resting);
    resting = setTimeout(function () {
      const form = document.getElementById('slide');
      if (!form || !(slid.right || slid.down)) return;
      if (form.classList.contains('htmx-request')) return rest(150);
      form.elements.right.value = slid.right.toFixed(4);
      form.elements.down.value = slid.down.toFixed(4);
      slid = { right: 0, down: 0 };
      delete document.getElementById('window').dataset.dirty;
      form.requestSubmit();
    }, after);
  }

  document.addEventListener('pointerdown', function (event) {
    const pane = event.target.closest && event.target.closest('#window');
    if (!pane) return;
    pane.setPointerCapture(event.pointerId);
    dragged = { pane: pane, x: event.clientX, y: event.clientY, right: slid.right, down: slid.down };
  });
  document.addEventListener('pointermove', function (event) {
    if (!dragged) return;
    const box = dragged.pane.getBoundingClientRect();
    const inches = dragged.pane.viewBox.baseVal.width / box.width / Number(dragged.pane.dataset.scale);
    slid = {
      right: dragged.right + (event.clientX - dragged.x) * inches,
      down: dragged.down + (event.clientY - dragged.y) * inches,
    };
    show(dragged.pane);
  });
  document.addEventListener('pointerup', function () {
    if (dragged) { dragged = null; rest(0); }
  });
  document.addEventListener('keydown', function (event) {
    const pane = event.target.closest && event.target.closest('#window');
    const ways = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
    if (!pane || !ways[event.key]) return;
    event.preventDefault();
    const step = Number(event.shiftKey ? pane.dataset.stride : pane.dataset.step);
    slid = { right: slid.right + ways[event.key][0] * step, down: slid.down + ways[event.key][1] * step };
    show(pane);
    rest(450);
  });

  // A remnant is drawn on a pad; what is drawn stands in the text fields, which are what is sent.
  function pad(form) {
    const drawing = form.querySelector('.pad svg');
    const corners = form.querySelector('[name=corners]');
    const spots = form.querySelector('[name=spots]');
    const metric = form.querySelector('.pad').dataset.unit === 'cm';
    const perUnit = metric ? 2 : 5;
    const step = metric ? 1 : 0.5;
    let mode = 'corner';

    function numbers(area) {
      return area.value.split('\n').map(function (line) {
        return line.split(/[;,]/).map(function (part) { return number(part); });
      }).filter(function (line) { return line.length > 1 && line.every(isFinite); });
    }
    function number(text) {
      const plain = text.trim().replace(/\u2060/g, '').replace('\u2044', '/')
        .replace('½', ' 1/2').replace('¼', ' 1/4').replace('¾', ' 3/4');
      const parts = plain.split(/\s+/);
      return parts.reduce(function (sum, part) {
        const over = part.split('/');
        return sum + (over.length === 2 ? over[0] / over[1] : Number(part || 0));
      }, 0);
    }
    function add(name, attributes) {
      const element = document.createElementNS(NS, name);
      Object.keys(attributes).forEach(function (key) { element.setAttribute(key, attributes[key]); });
      drawing.appendChild(element);
    }
    function draw() {
      drawing.replaceChildren();
      const every = metric ? 10 : 6;
      for (let at = 0; at * perUnit <= 360; at += every) {
        add('path', { class: 'pad-grid', d: 'M' + at * perUnit + ' 0V300M0 ' + at * perUnit + 'H360' });
      }
      const points = numbers(corners).map(function (p) { return [p[0] * perUnit, p[1] * perUnit]; });
      if (points.length) {
        const outline = points.map(function (p) { return p.join(' '); }).join('L');
        add('path', { class: 'pad-outline', d: 'M' + outline + (points.length > 2 ? 'Z' : '') });
        points.forEach(function (p) { add('circle', { class: 'pad-corner', cx: p[0], cy: p[1], r: 4 }); });
      }
      numbers(spots).forEach(function (s) {
        const wide = s[2] * perUnit || 1;
        const high = (s[3] || s[2]) * perUnit || 1;
        add('rect', { class: 'spoilt', x: s[0] * perUnit, y: s[1] * perUnit, width: wide, height: high });
      });
    }
    function changed(area) {
      area.dispatchEvent(new Event('input', { bubbles: true }));
    }
    function line(area, text) {
      area.value = area.value.trim() ? area.value.trim() + '\n' + text : text;
      changed(area);
    }
    drawing.addEventListener('click', function (event) {
      const box = drawing.getBoundingClientRect();
      const x = Math.round((event.clientX - box.left) / box.width * 360 / perUnit / step) * step;
      const y = Math.round((event.clientY - box.top) / box.height * 300 / perUnit / step) * step;
      const size = metric ? 5 : 2;
      if (mode === 'corner') line(corners, x + '; ' + y);
      else line(spots, (x - size / 2) + '; ' + (y - size / 2) + '; ' + size + '; ' + size);
    });
    form.querySelectorAll('.pad-modes button').forEach(function (button) {
      button.addEventListener('click', function () {
        if (button.dataset.mode === 'back') {
          const area = mode === 'corner' ? corners : spots;
          area.value = area.value.trim().split('\n').slice(0, -1).join('\n');
          changed(area);
          return;
        }
        mode = button.dataset.mode;
        form.querySelectorAll('.pad-modes button[aria-pressed]').forEach(function (each) {
          each.setAttribute('aria-pressed', each === button);
        });
      });
    });
    form.redraw = draw;
    corners.addEventListener('input', draw);
    spots.addEventListener('input', draw);
    draw();
  }

  // Two places on a picture of the cloth, set by clicking one after the other.
  function scale(form) {
    const picture = form.querySelector('.scale-picture');
    const line = picture.querySelector('line');
    let second = false;
    function draw() {
      ['x1', 'y1', 'x2', 'y2'].forEach(function (name) { line.setAttribute(name, form.elements[name].value || 0); });
    }
    picture.addEventListener('click', function (event) {
      const box = picture.getBoundingClientRect();
      const end = second ? '2' : '1';
      form.elements['x' + end].value = Math.round((event.clientX - box.left) / box.width * 1000);
      form.elements['y' + end].value = Math.round((event.clientY - box.top) / box.height * 1000);
      second = !second;
      draw();
    });
    form.addEventListener('input', draw);
    draw();
  }

  // The bolt stays in sight while it leaves most of the window to what stands under it; what is stepped to by keys
  // comes to rest below it.
  const MOST_STAND = 0.65;
  function settle(stand) {
    const stays = stand.offsetHeight <= MOST_STAND * window.innerHeight;
    stand.classList.toggle('stays', stays);
    const covered = stays && getComputedStyle(stand).position === 'sticky' ? stand.offsetHeight : 0;
    document.documentElement.style.setProperty('--stand', covered + 'px');
  }
  const sizes = new ResizeObserver(function (changed) { changed.forEach(function (each) { settle(each.target); }); });
  function stands() {
    sizes.disconnect();
    document.querySelectorAll('.bolt-stand').forEach(function (each) { settle(each); sizes.observe(each); });
  }
  window.addEventListener('resize', stands);
  document.addEventListener('DOMContentLoaded', stands);

  document.addEventListener('htmx:afterSettle', function () {
    stands();
    document.querySelectorAll('form[data-keep]').forEach(function (form) { if (form.redraw) form.redraw(); });
  });

  document.addEventListener('alpine:init', function () {
    Alpine.data('scrap', function () { return { init: function () { pad(this.$root); } }; });
    Alpine.data('scale', function () { return { init: function () { scale(this.$root); } }; });
  });
})();
