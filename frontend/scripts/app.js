// What the pages do beyond links and forms: keys, focus, carrying on when the store is away, lighting a term's part.
(function () {
  'use strict';

  // What was asked for changed the cover here (and not another tab), and the form whose fields the answer speaks about.
  let ours = false;
  let answered = null;
  document.addEventListener('htmx:beforeSwap', function (event) {
    ours = event.detail.requestConfig.verb === 'post' && !event.detail.serverResponse.includes('class="conflict"');
    answered = ours ? event.detail.requestConfig.elt.closest('form') : null;
  });

  // May this part of the page be brought up to date? What somebody is in the middle of is left alone: a form that is
  // being filled in, and in the form the answer is for, the fields typed in since it was sent.
  function mayMorph(old, now) {
    if (!old.dataset || old === answered) return true;
    if (old.form && old.name) return old.name !== now.name || !typedIn(old.form, old.name);
    if (!('dirty' in old.dataset)) return true;
    const was = old.querySelector('[name=version]');
    const is = now.querySelector && now.querySelector('[name=version]');
    if (ours && was && is) was.value = is.value;
    return false;
  }
  function typedIn(form, name) {
    return Array.from(form.elements).some(function (field) { return field.name === name && 'dirty' in field.dataset; });
  }

  // What somebody unfolded stays unfolded, and a form with a field typed in since it was sent stays theirs.
  function mayUpdate(name, node, how) {
    if (how !== 'remove') return true;
    if (name === 'open') return node.tagName !== 'DETAILS';
    return !(name === 'data-dirty' && node.matches('form') && node.querySelector('[data-dirty]'));
  }

  htmx.defineExtension('morph', {
    isInlineSwap: function (style) { return style === 'morph'; },
    handleSwap: function (style, target, fragment) {
      if (style !== 'morph') return false;
      return Idiomorph.morph(target, fragment.firstElementChild, {
        morphStyle: 'outerHTML',
        ignoreActiveValue: true,
        callbacks: { beforeNodeMorphed: mayMorph, beforeAttributeUpdated: mayUpdate }
      });
    }
  });

  // A field is somebody's until it is sent, and a form that is filled in bit by bit with it.
  document.addEventListener('input', function (event) {
    const form = event.target.closest('form');
    if (!form) return;
    event.target.dataset.dirty = '';
    if ('keep' in form.dataset) form.dataset.dirty = '';
  });
  document.addEventListener('htmx:beforeRequest', function (event) {
    const form = event.detail.elt.closest('form');
    if (!form) return;
    [form, ...form.elements].forEach(function (each) { delete each.dataset.dirty; });
  });

  // Changes go one after the other. One whose button has left the page by the time it is its turn is said to be
  // lost (a second press of the same button apart), and does not hold up the rest, as it would in htmx's own queue.
  const line = [];
  let underWay = null;
  let before = null;
  let lost = false;
  const apart = function (element) { return element.closest('[hx-sync]'); };
  function next() {
    while (!underWay && line.length) {
      const first = line.shift();
      if (first.elt.isConnected) first.issueRequest();
      else if (first.verb === 'post' && first.elt !== before) {
        lost = true;
        say(adrift.dataset.gone, ['reload']);
      }
    }
  }
  document.addEventListener('htmx:confirm', function (event) {
    if (apart(event.detail.elt)) return;
    event.preventDefault();
    // Whoever presses on has read that an earlier press was lost.
    if (lost && !stranded) adrift.hidden = true;
    lost = false;
    line.push(event.detail);
    next();
  });
  document.addEventListener('htmx:beforeRequest', function (event) {
    if (!apart(event.detail.elt)) underWay = before = event.detail.elt;
  });
  document.addEventListener('htmx:afterRequest', function (event) {
    if (apart(event.detail.elt)) return;
    underWay = null;
    queueMicrotask(next);
  });

  document.addEventListener('alpine:init', function () {
    Alpine.data('keys', function () {
      return { show: function () { this.$refs.dialog.showModal(); } };
    });
    Alpine.data('start', function () {
      return {
        shape: 'square',
        init: function () { this.shape = this.$root.querySelector('select').value; },
        get oblong() { return this.shape !== 'square' && this.shape !== 'round'; }
      };
    });
  });

  const slip = function () { return document.getElementById('slip'); };
  const typing = function (element) {
    return element.matches('input:not([type=radio]):not([type=checkbox]), textarea, select');
  };

  // Keys. Inside a slip: digits choose, Enter keeps (the form does that itself), Esc puts back.
  document.addEventListener('keydown', function (event) {
    if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
    const open = slip();
    if (open && event.key === 'Escape') {
      event.preventDefault();
      document.getElementById('put-back').requestSubmit();
      return;
    }
    if (event.target.matches && typing(event.target)) return;
    if (open && event.key === 'Enter' && event.target.matches('input[type=radio], input[type=checkbox]')) {
      event.preventDefault();
      open.querySelector('[name=keep]').click();
    } else if (open && /^[1-9]$/.test(event.key)) {
      const choice = open.querySelectorAll('fieldset.choices input[type=radio]')[event.key - 1];
      if (choice) { choice.focus(); choice.click(); }
    } else if (event.key === 'z' || event.key === 'Z') {
      press(event.shiftKey ? 'redo' : 'undo', event);
    } else if (event.key === '/' && document.getElementById('find')) {
      event.preventDefault();
      document.getElementById('find').focus();
    } else if (event.key === '?') {
      event.preventDefault();
      document.querySelector('.keys-button').click();
    }
  });

  function press(id, event) {
    const button = document.querySelector('#' + id + ' button');
    if (button && !button.disabled) { event.preventDefault(); button.click(); }
  }

  // Focus goes into a slip when it opens and back to its phrase when it closes.
  let opened = slip() ? slip().dataset.slip : null;
  function attend(phraseToo) {
    const open = slip();
    const now = open ? open.dataset.slip : null;
    if (now === opened) return;
    if (open) {
      const chosen = open.querySelector('input[type=radio]:checked');
      (chosen || open.querySelector('input:not([type=hidden]), select')).focus();
    } else if (phraseToo) {
      const phrase = document.getElementById('phrase-' + opened);
      if (phrase) phrase.focus();
    }
    opened = now;
  }
  document.addEventListener('htmx:afterSettle', function () { attend(true); });
  if (slip()) { opened = null; attend(false); }

  // A phrase is a button: the space bar presses it too.
  document.addEventListener('keydown', function (event) {
    if (event.key === ' ' && event.target.matches && event.target.matches('[role=button]')) {
      event.preventDefault();
      event.target.click();
    }
  });

  // Whatever is not kept is said where one looks; what was typed stays, and what can be done about it is offered.
  const adrift = document.getElementById('adrift');
  const act = function (name) { return adrift.querySelector('[data-act=' + name + ']'); };
  let stranded = null;
  let waiting = null;

  function say(words, acts) {
    adrift.querySelector('.adrift-what').textContent = words;
    ['again', 'restore', 'copy', 'reload'].forEach(function (name) { act(name).hidden = !acts.includes(name); });
    adrift.hidden = false;
    document.querySelectorAll('[data-unkept]').forEach(function (note) { note.textContent = note.dataset.unkept; });
  }
  // By the event that element listens for: a form is sent, a link is pressed, and what asks by itself asks again.
  function again() {
    if (!stranded || !stranded.isConnected) return;
    const asks = (stranded.getAttribute('hx-trigger') || '').includes('again');
    htmx.trigger(stranded, asks ? 'again' : stranded.matches('form') ? 'submit' : 'click');
  }
  function cover() { return (/^\/covers\/\d+/).exec(location.pathname); }

  // A page whose cookie is gone gets another token and tries once more before it says so.
  function renewed() {
    return fetch('/token', { cache: 'no-store' }).then(function (answer) {
      return answer.ok ? answer.text() : Promise.reject(answer.status);
    }).then(function (token) {
      document.querySelectorAll('input[name=_csrf]').forEach(function (field) { field.value = token; });
      return token;
    });
  }

  // What was typed in a form that did not get through stays, whatever other answer comes meanwhile.
  function hold(form) {
    if (!form) return;
    const fields = Array.from(form.elements);
    if (fields.some(function (field) { return field.name && field.type !== 'hidden'; })) form.dataset.dirty = '';
  }

  function refused(event) {
    const status = event.detail.xhr ? event.detail.xhr.status : 0;
    stranded = event.detail.elt;
    hold(stranded.closest('form'));
    clearTimeout(waiting);
    if (event.type === 'htmx:timeout') return say(adrift.dataset.slow, ['again', 'copy', 'reload']);
    if (!status || status === 502 || status === 503) {
      say(adrift.dataset.away, ['copy']);
      waiting = setTimeout(again, 1500);
      return;
    }
    const words = adrift.dataset[status] || adrift.dataset[status < 500 ? 400 : 500];
    if (status === 403 && !('renewed' in stranded.dataset)) {
      stranded.dataset.renewed = '';
      renewed().then(again).catch(function () { say(words, ['again', 'copy', 'reload']); });
      return;
    }
    say(words, status === 404 && cover() ? ['restore', 'copy', 'reload'] : ['again', 'copy', 'reload']);
  }
  ['htmx:responseError', 'htmx:sendError', 'htmx:timeout'].forEach(function (name) {
    document.addEventListener(name, refused);
  });

  document.addEventListener('htmx:afterOnLoad', function (event) {
    if (event.detail.xhr.status !== 200) return;
    delete event.detail.elt.dataset.renewed;
    if (adrift.hidden || !stranded || event.detail.elt !== stranded && stranded.isConnected) return;
    clearTimeout(waiting);
    stranded = null;
    say(adrift.dataset.back, []);
    setTimeout(function () { if (!stranded) adrift.hidden = true; }, 4000);
  });

  // What stands in the fields of the form, a line each.
  function typed() {
    const form = stranded && (stranded.closest('form') || slip()) || slip();
    if (!form) return '';
    const chosen = function (field) { return (field.type !== 'radio' && field.type !== 'checkbox') || field.checked; };
    const called = function (field) {
      return field.labels && field.labels[0] ? field.labels[0].textContent.trim().split(/\s{2,}/)[0] : field.name;
    };
    return Array.from(form.elements).filter(function (field) {
      return field.name && field.type !== 'hidden' && field.value && chosen(field);
    }).map(function (field) { return called(field) + ': ' + field.value; }).join('\n');
  }

  adrift.addEventListener('click', function (event) {
    const pressed = event.target.dataset.act;
    if (pressed === 'again') again();
    if (pressed === 'copy') {
      navigator.clipboard.writeText(typed()).then(function () { act('copy').textContent = adrift.dataset.copied; });
    }
    if (pressed === 'restore') {
      renewed().then(function (token) {
        const body = new URLSearchParams({ _csrf: token });
        return fetch(cover()[0] + '/restore', { method: 'POST', body: body, redirect: 'manual' });
      }).then(again);
    }
  });
  // Nobody leaves what is not kept, or not even sent, without a word.
  window.addEventListener('beforeunload', function (event) {
    const unsent = line.some(function (each) { return each.verb === 'post'; });
    if (unsent || !adrift.hidden && stranded && typed()) event.preventDefault();
  });

  // A term of a sum lights the part it stands for, and a part its term.
  function light(part, piece, on) {
    if (!part || part === 'none') return;
    const own = piece ? '[data-piece="' + piece + '"]' : '';
    const zones = '.part-' + part + (part === 'overlap' ? '' : own);
    const rows = (piece ? '.cut-line' + own + ' ' : '') + 'tr[data-part="' + part + '"]';
    document.querySelectorAll(zones + ', ' + rows).forEach(function (lit) { lit.classList.toggle('lit', on); });
  }
  // A line of a list lights what it is about on the cloth, and that its line.
  function lightAlike(named, on) {
    named.dataset.lights.split(' ').forEach(function (name) {
      const alike = document.querySelectorAll('[data-lights~="' + name + '"]');
      alike.forEach(function (lit) { lit.classList.toggle('lit', on); });
    });
  }
  function lighting(on) {
    return function (event) {
      if (!event.target.closest) return;
      const named = event.target.closest('[data-lights]');
      if (named) return lightAlike(named, on);
      const row = event.target.closest('tr[data-part]');
      if (row) return light(row.dataset.part, row.closest('.cut-line').dataset.piece, on);
      const zone = event.target.closest('[class*="part-"]');
      if (zone) light((/part-(\w+)/).exec(zone.getAttribute('class'))[1], zone.dataset.piece, on);
    };
  }
  document.addEventListener('mouseover', lighting(true));
  document.addEventListener('mouseout', lighting(false));
  document.addEventListener('focusin', lighting(true));
  document.addEventListener('focusout', lighting(false));
})();
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
    const corners = form.elements.corners;
    const spots = form.elements.spots;
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

  document.addEventListener('htmx:afterSettle', function () {
    document.querySelectorAll('form[data-keep]').forEach(function (form) { if (form.redraw) form.redraw(); });
  });

  document.addEventListener('alpine:init', function () {
    Alpine.data('scrap', function () { return { init: function () { pad(this.$root); } }; });
    Alpine.data('scale', function () { return { init: function () { scale(this.$root); } }; });
  });
})();
