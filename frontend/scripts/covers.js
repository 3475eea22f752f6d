// The list of covers. One is begun by a sentence that asks for one measure or two. Covers are dragged onto a set to put
// them into it, and off it to take them out: what the bar below and each cover's menu do too.
(function () {
  'use strict';

  document.addEventListener('alpine:init', function () {
    Alpine.data('start', function () {
      return {
        shape: 'square',
        init: function () { this.shape = this.$root.querySelector('select').value; },
        get oblong() { return this.shape !== 'square' && this.shape !== 'round'; }
      };
    });
  });

  document.addEventListener('click', function (event) {
    if (!event.target.closest('.pick-all')) return;
    const boxes = Array.from(document.querySelectorAll('.cover-line [name=cover]'));
    const all = boxes.every(function (box) { return box.checked; });
    boxes.forEach(function (box) { box.checked = !all; });
    if (boxes.length) boxes[0].dispatchEvent(new Event('change', { bubbles: true }));
  });

  let dragged = [];

  function group(of) {
    return of.closest('.cover-group[data-set]');
  }

  /** The covers that go along: all that are picked where this one is, else this one alone. */
  function along(line) {
    const picked = Array.from(document.querySelectorAll('.cover-line:has([name=cover]:checked)'));
    return picked.includes(line) ? picked : [line];
  }

  function putInto(set, lines) {
    const form = document.getElementById('together');
    const ids = lines.map(function (line) { return line.querySelector('[name=cover]').value; });
    document.querySelectorAll('[name=cover]').forEach(function (box) { box.checked = ids.includes(box.value); });
    form.elements.into.value = set;
    const homes = new Set(lines.map(function (line) { return group(line).dataset.set; }));
    form.elements.from.value = homes.size === 1 ? Array.from(homes)[0].replace('alone', '') : '';
    form.requestSubmit(form.querySelector('.do'));
  }

  function clear() {
    document.querySelectorAll('.dragged, .drop-here').forEach(function (each) {
      each.classList.remove('dragged', 'drop-here');
    });
    dragged = [];
  }

  document.addEventListener('pointerdown', function (event) {
    const line = event.pointerType === 'mouse' && event.target.closest('.cover-line');
    if (line && group(line)) line.draggable = !event.target.closest('input, .cover-menu');
  });

  document.addEventListener('dragstart', function (event) {
    const line = event.target.closest && event.target.closest('.cover-line');
    if (!line || !group(line)) return;
    dragged = along(line);
    dragged.forEach(function (each) { each.classList.add('dragged'); });
    event.dataTransfer.effectAllowed = 'move';
    event.dataTransfer.setData('text/plain', line.querySelector('h3').textContent);
  });

  document.addEventListener('dragover', function (event) {
    const over = dragged.length > 0 && group(event.target);
    document.querySelectorAll('.drop-here').forEach(function (each) {
      if (each !== over) each.classList.remove('drop-here');
    });
    if (!over || dragged.every(function (line) { return group(line) === over; })) return;
    event.preventDefault();
    over.classList.add('drop-here');
  });

  document.addEventListener('drop', function (event) {
    const onto = dragged.length > 0 && group(event.target);
    if (!onto) return;
    event.preventDefault();
    const lines = dragged;
    clear();
    const leave = lines[0].querySelector('form.leave');
    if (onto.dataset.set !== 'alone') putInto(onto.dataset.set, lines);
    else if (leave) leave.requestSubmit();
  });

  document.addEventListener('dragend', clear);
})();
