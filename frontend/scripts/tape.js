// A digital tape: what it reads arrives in the measuring field that has the focus, is shown, and is taken or left. It
// speaks on a channel between the pages of one browser, { mm: 539.75 }; anything else is not listened to.
(function () {
  'use strict';

  const CHANNEL = 'dapt-tape';
  const LONGEST = 6000;
  const INCH = 25.4;
  if (!('BroadcastChannel' in window)) return;
  const channel = new BroadcastChannel(CHANNEL);

  // The tape itself, where this page is one.
  const slide = document.getElementById('tape-slide');
  if (slide) {
    const read = document.getElementById('tape-read');
    const show = function () { read.textContent = said(Number(slide.value), slide.dataset.unit); };
    slide.addEventListener('input', show);
    document.getElementById('tape-send').addEventListener('click', function () {
      channel.postMessage({ mm: Number(slide.value) });
      document.getElementById('tape-sent').textContent = read.textContent;
    });
    show();
    return;
  }

  const bubble = document.getElementById('tape');
  let field = null;
  let reading = '';

  channel.addEventListener('message', function (event) {
    const mm = event.data && event.data.mm;
    const to = measuring(document.activeElement);
    if (!bubble || !to || typeof mm !== 'number' || !(mm > 0 && mm <= LONGEST)) return;
    field = document.activeElement;
    reading = said(mm, to);
    bubble.querySelector('.tape-reading').textContent = reading;
    bubble.hidden = false;
  });

  // The unit of a field that takes a length; nothing of any other.
  function measuring(element) {
    const unit = element && element.matches && element.matches('input') && element.parentElement.querySelector('.unit');
    const word = unit ? unit.textContent.trim().split(/[\s,]/)[0] : '';
    return word === 'in' || word === 'cm' ? word : null;
  }

  // To the sixteenth of an inch, or to the millimetre.
  function said(mm, unit) {
    if (unit === 'cm') return (Math.round(mm) / 10) + ' cm';
    const parts = Math.round(mm / INCH * 16);
    const whole = Math.floor(parts / 16);
    const rest = parts % 16;
    const by = [2, 4, 8, 16].find(function (each) { return rest * each % 16 === 0; });
    const fraction = rest ? (rest * by / 16) + '/' + by : '';
    return [whole || !rest ? whole : '', fraction].filter(String).join(' ').trim() + ' in';
  }

  function close() {
    bubble.hidden = true;
    if (field && field.isConnected) field.focus();
    field = null;
  }

  function take() {
    const to = field;
    if (to && to.isConnected) {
      to.value = reading;
      to.dispatchEvent(new Event('input', { bubbles: true }));
    }
    close();
    if (to && to.isConnected) to.dispatchEvent(new Event('change', { bubbles: true }));
  }

  document.addEventListener('click', function (event) {
    if (!bubble || bubble.hidden) return;
    if (event.target.closest('#tape-take')) take();
    if (event.target.closest('#tape-leave')) close();
  });
  document.addEventListener('keydown', function (event) {
    if (!bubble || bubble.hidden || (event.key !== 'Enter' && event.key !== 'Escape')) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    if (event.key === 'Enter' && !event.target.closest('#tape-leave')) take(); else close();
  }, true);
})();
