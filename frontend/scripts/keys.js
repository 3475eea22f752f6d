// Keys, and where the focus goes when a slip opens and closes.
(function () {
  'use strict';

  document.addEventListener('alpine:init', function () {
    Alpine.data('keys', function () {
      return { show: function () { this.$refs.dialog.showModal(); } };
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
})();
