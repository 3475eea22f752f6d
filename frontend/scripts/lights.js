// What is pointed at lights what belongs to it.
(function () {
  'use strict';

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
