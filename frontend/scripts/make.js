// Making, step by step: goes on without the network. A tick is kept on this device first, then sent; what other devices
// said meanwhile comes back with the answer.
(function () {
  'use strict';
  const make = document.getElementById('make');
  if (!make || !make.dataset.make) return;
  const base = make.dataset.make;
  const shown = document.getElementById('step');
  const saved = make.querySelector('.saved');
  const RETRY = 4000;
  const LOOK = 15000;
  const SWIPE = 70;
  // What is shown where a step would be, once none is left.
  const FINISHED = 'finished';
  let all = null;
  let state = {};
  let sending = false;
  let later = null;
  let refused = '';
  let lost = 0;

  const kept = function () { return window.ticks.kept(base); };
  function line(key) { return make.querySelector('.stops [data-step="' + CSS.escape(key) + '"]'); }
  function lines() { return Array.from(make.querySelectorAll('.stops [data-step]')); }
  function isDone(key) { const at = line(key); return at !== null && at.classList.contains('done'); }
  function isLeft(each) { return !each.classList.contains('done') || 'again' in each.dataset; }
  function current() { const step = shown.querySelector('.step'); return step && step.dataset.step; }

  // What stands on the server, and over it what this device has not got rid of yet.
  function show() {
    const now = Object.assign({}, state);
    kept().forEach(function (tick) { now[tick.key] = { done: tick.done, passed: tick.passed }; });
    lines().forEach(function (each) {
      each.classList.toggle('done', Boolean(now[each.dataset.step] && now[each.dataset.step].done));
    });
    make.querySelectorAll('.stop').forEach(function (stop) {
      stop.classList.toggle('done', !stop.querySelector('[data-step]:not(.done)'));
    });
    make.querySelectorAll('.step:not(.finished)').forEach(function (step) {
      step.classList.toggle('done', isDone(step.dataset.step));
    });
    const minutes = lines().filter(isLeft)
      .reduce(function (sum, each) { return sum + Number(each.dataset.minutes); }, 0);
    const whole = Math.max(1, Math.round(minutes));
    const fives = Math.round(minutes / 5) * 5;
    const time = whole < 60 ? make.dataset.minutes.replace('#', whole)
      : make.dataset.hours.replace('##', fives % 60).replace('#', Math.floor(fives / 60));
    const left = make.querySelector('.make-left');
    const open = lines().some(isLeft);
    const pace = make.querySelector('.make-pace');
    if (pace) pace.hidden = !open;
    if (left) left.textContent = open ? make.dataset.left.replace('…', time) : make.dataset.nothingLeft;
  }
  function tell() {
    const waiting = kept().length > 0;
    const sent = navigator.onLine ? make.dataset.everywhere : make.dataset.offline;
    const gone = lost ? make.dataset.lost.replace('#', lost) : '';
    const words = refused || gone || (waiting ? make.dataset.here : sent);
    if (saved.textContent !== words) saved.textContent = words;
    saved.classList.toggle('waiting', waiting);
    saved.classList.toggle('refused', Boolean(refused || gone));
  }

  // What the server does not want it will not want the next time either; what does not reach it is tried again.
  function failed(status) {
    const gone = kept().length ? make.dataset.gone : make.dataset.goneKept;
    refused = status === 404 ? gone : status >= 400 && status < 500 ? make.dataset.refused : '';
  }
  function send() {
    if (sending) return;
    sending = true;
    clearTimeout(later);
    window.ticks.send(base).then(function (now) {
      if (Object.keys(now.state).length) state = now.state;
      lost += now.refused;
      refused = '';
      show();
      return kept().length ? 0 : LOOK;
    }).catch(function (status) {
      failed(status);
      return RETRY;
    }).then(function (wait) {
      sending = false;
      tell();
      later = setTimeout(send, wait);
    });
  }
  function tick(key, done, passed) {
    window.ticks.keep(base, key, done, passed);
    lost = 0;
    show();
    tell();
    send();
  }

  // Steps lie ready on this device; one that does not is asked for like any page.
  function go(key, focus) {
    if (key === current()) return true;
    const step = all && all.querySelector('[data-step="' + CSS.escape(key) + '"]');
    if (!step) return false;
    shown.replaceChildren(step.cloneNode(true));
    lines().forEach(function (each) {
      const link = each.querySelector('a');
      if (each.dataset.step === key) link.setAttribute('aria-current', 'step');
      else link.removeAttribute('aria-current');
      each.closest('.stop').classList.remove('now');
    });
    if (line(key)) line(key).closest('.stop').classList.add('now');
    history.replaceState(null, '', key === FINISHED ? base : base + '?step=' + encodeURIComponent(key));
    ready();
    if (focus) shown.querySelector('.step-says').focus({ preventScroll: false });
    reveal();
    window.moves.play(shown.querySelector('.step'));
    return true;
  }
  function reveal() {
    const stops = make.querySelector('.stops');
    const now = line(current());
    if (now && stops.scrollHeight > stops.clientHeight) {
      stops.scrollTop = now.closest('.stop').offsetTop - stops.offsetTop - stops.clientHeight / 3;
    }
  }
  function beside(by) {
    const keys = lines().map(function (each) { return each.dataset.step; });
    return keys[keys.indexOf(current()) + by];
  }
  function next(key) {
    const every = lines();
    const at = every.findIndex(function (each) { return each.dataset.step === key; });
    const rest = every.slice(at + 1).concat(every.slice(0, at));
    const open = rest.find(function (each) { return !each.classList.contains('done'); });
    return open && open.dataset.step;
  }

  // A question has to be answered by itself before Done works.
  function ready() {
    const step = shown.querySelector('.step:not(.finished)');
    if (!step) return;
    const question = step.querySelector('[name=checked]');
    step.querySelector('.done-button').classList.toggle('not-yet', Boolean(question && !question.checked));
    step.classList.toggle('done', isDone(step.dataset.step));
    if (question && isDone(step.dataset.step)) question.checked = true;
    const aloud = step.querySelector('.aloud');
    aloud.hidden = !('speechSynthesis' in window);
  }
  make.addEventListener('change', function (event) {
    if (event.target.name !== 'checked') return;
    ready();
    const step = event.target.closest('.step');
    step.querySelector('.unasked').hidden = true;
    step.querySelector('.anyway').hidden = true;
  });
  make.addEventListener('submit', function (event) {
    const form = event.target;
    if (!form.matches('form.step-side')) return;
    event.preventDefault();
    const key = form.elements.step.value;
    const act = event.submitter ? event.submitter.value : 'done';
    const question = form.elements.checked;
    const open = Boolean(question && !question.checked);
    if (act === 'done' && open) {
      form.querySelector('.unasked').hidden = false;
      form.querySelector('.anyway').hidden = false;
      question.focus();
      return;
    }
    tick(key, act !== 'undo', act === 'anyway' && open);
    if (act === 'undo') return ready();
    const following = next(key) || FINISHED;
    if (go(following, true)) return;
    location.assign(following === FINISHED ? base : base + '?step=' + encodeURIComponent(following));
  });
  make.addEventListener('click', function (event) {
    const link = event.target.closest('.stops a, [data-to]');
    if (link && !event.ctrlKey && !event.metaKey && !event.shiftKey) {
      const at = link.closest('[data-step]');
      const key = link.dataset.to || at.dataset.step;
      if (go(key, true)) event.preventDefault();
    }
    const drawings = event.target.closest('.step-drawings');
    if (drawings) window.moves.play(drawings.closest('.step'));
    if (event.target.closest('.aloud')) {
      const step = shown.querySelector('.step');
      speechSynthesis.cancel();
      const words = Array.from(step.querySelectorAll('.step-says, .trap span, .step-side section li'))
        .map(function (each) { return each.textContent.trim(); }).join('. ');
      const speech = new SpeechSynthesisUtterance(words);
      speech.lang = document.documentElement.lang;
      speechSynthesis.speak(speech);
    }
  });

  // One thumb: a swipe to the left goes on, to the right goes back. Keys do the same.
  let from = null;
  shown.addEventListener('touchstart', function (event) { from = event.touches[0]; }, { passive: true });
  shown.addEventListener('touchend', function (event) {
    if (!from) return;
    const across = event.changedTouches[0].clientX - from.clientX;
    const down = event.changedTouches[0].clientY - from.clientY;
    from = null;
    if (Math.abs(across) < SWIPE || Math.abs(down) > Math.abs(across) / 2) return;
    const to = beside(across < 0 ? 1 : -1);
    if (to) go(to, false);
  }, { passive: true });
  document.addEventListener('keydown', function (event) {
    if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
    const field = event.target.closest && event.target.closest('input, select, textarea');
    if (field && field.type !== 'checkbox') return;
    const idle = event.target === document.body || event.target.matches('.step-says');
    if (event.key === 'Enter' && idle) {
      event.preventDefault();
      const done = shown.querySelector('.done-button');
      if (done) done.click();
    }
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
      const to = beside(event.key === 'ArrowRight' ? 1 : -1);
      if (to && go(to, true)) event.preventDefault();
    }
  });

  // The screen stays on while a step is open.
  function stayAwake() {
    if ('wakeLock' in navigator && document.visibilityState === 'visible') {
      navigator.wakeLock.request('screen').catch(function () { /* a low battery says no */ });
    }
  }
  document.addEventListener('visibilitychange', function () {
    if (document.visibilityState === 'visible') {
      stayAwake();
      send();
    }
  });
  window.addEventListener('online', send);
  window.addEventListener('offline', tell);
  // Another tab of this device has ticked something, or sent what this one had kept.
  window.addEventListener('storage', function () {
    show();
    tell();
  });

  // The list as it came tells what stood then.
  lines().forEach(function (each) {
    if (each.classList.contains('done')) state[each.dataset.step] = { done: true, passed: false };
  });
  if ('serviceWorker' in navigator) {
    navigator.serviceWorker.register('/offline.js?workroom=' + make.dataset.workroom)
      .catch(function () { /* goes on with the network only */ });
  }
  fetch(base + '/steps').then(function (answer) {
    return answer.ok ? answer.text() : Promise.reject(answer.status);
  }).then(function (html) {
    all = new DOMParser().parseFromString(html, 'text/html').getElementById('all-steps');
    show();
    // A page that was kept may show another step than is asked for, or one that is done by now.
    const asked = new URLSearchParams(location.search).get('step');
    const open = !asked && isDone(current()) ? next(current()) || FINISHED : asked;
    if (open) go(open, false);
    make.dataset.ready = '';
  }).catch(function () { /* then each step is a page of its own */ });
  stayAwake();
  show();
  ready();
  reveal();
  send();
}());
