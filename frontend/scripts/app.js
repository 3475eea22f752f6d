// What the pages do beyond links and forms: keys, focus, carrying on when the store is away, and lighting a term's part.
(function () {
  'use strict';

  htmx.defineExtension('morph', {
    isInlineSwap: function (style) { return style === 'morph'; },
    handleSwap: function (style, target, fragment) {
      if (style !== 'morph') return false;
      return Idiomorph.morph(target, fragment.firstElementChild, { morphStyle: 'outerHTML', ignoreActiveValue: true });
    }
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
      (open.querySelector('input[type=radio]:checked') || open.querySelector('input:not([type=hidden]), select')).focus();
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

  // When the store or the application is away: say so, keep what was typed, try again until it is back.
  const adrift = document.getElementById('adrift');
  let waiting = null;
  function away(event) {
    const status = event.detail.xhr ? event.detail.xhr.status : 0;
    if (status && status !== 503 && status !== 502) return;
    const from = event.detail.elt;
    adrift.textContent = adrift.dataset.away;
    adrift.hidden = false;
    clearTimeout(waiting);
    waiting = setTimeout(function () { if (from.isConnected) htmx.trigger(from, 'retry'); }, 1500);
  }
  document.addEventListener('htmx:responseError', away);
  document.addEventListener('htmx:sendError', away);
  document.addEventListener('htmx:afterOnLoad', function (event) {
    if (adrift.hidden || event.detail.xhr.status !== 200) return;
    clearTimeout(waiting);
    adrift.textContent = adrift.dataset.back;
    setTimeout(function () { adrift.hidden = true; }, 4000);
  });
  window.addEventListener('beforeunload', function (event) {
    if (!adrift.hidden && adrift.textContent === adrift.dataset.away) event.preventDefault();
  });

  // A term of a sum lights the part it stands for, and a part its term.
  function light(part, piece, on) {
    if (!part || part === 'none') return;
    const own = piece ? '[data-piece="' + piece + '"]' : '';
    document.querySelectorAll('.part-' + part + (part === 'overlap' ? '' : own)).forEach(function (zone) { zone.classList.toggle('lit', on); });
    document.querySelectorAll((piece ? '.cut-line' + own + ' ' : '') + 'tr[data-part="' + part + '"]').forEach(function (row) { row.classList.toggle('lit', on); });
  }
  function lighting(on) {
    return function (event) {
      if (!event.target.closest) return;
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
