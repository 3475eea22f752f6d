// What is ticked in the shop without a network is kept on this device, shown, and sent when the network is back; any
// page sends what an earlier one could not. A line says whether it is to be ticked, so that sending twice does no harm.
(function () {
  'use strict';

  const PREFIX = 'dapt-buy ';
  const list = document.getElementById('buy-list');

  function kept() {
    try {
      return Object.keys(localStorage).filter(function (key) { return key.startsWith(PREFIX); });
    } catch { return []; }
  }

  function post(line, got, by) {
    return fetch('/token', { cache: 'no-store' }).then(function (answer) {
      return answer.ok ? answer.text() : Promise.reject(answer.status);
    }).then(function (token) {
      return fetch('/to-buy', {
        method: 'POST',
        headers: { 'X-XSRF-TOKEN': token },
        body: new URLSearchParams({ line: line, got: String(got), by: by })
      });
    }).then(function (answer) { return answer.ok ? answer : Promise.reject(answer.status); });
  }

  // One after the other; what does not get through stays.
  function sendAll() {
    return kept().reduce(function (before, key) {
      return before.then(function (sent) {
        const got = localStorage.getItem(key) === 'true';
        return post(key.slice(PREFIX.length), got, '').then(function () {
          localStorage.removeItem(key);
          return sent + 1;
        });
      });
    }, Promise.resolve(0));
  }

  function show(button, got) {
    const line = button.closest('li');
    line.classList.toggle('got', got);
    button.setAttribute('aria-pressed', String(got));
    button.firstElementChild.textContent = got ? '✓' : '';
  }

  // Where nothing can be kept the form goes as it would without a script: with what its button says.
  function sendPlain(form, line) {
    const said = document.createElement('input');
    said.type = 'hidden';
    said.name = 'line';
    said.value = line;
    form.append(said);
    form.submit();
  }

  function showKept() {
    kept().forEach(function (key) {
      const button = list.querySelector('[name=line][value="' + CSS.escape(key.slice(PREFIX.length)) + '"]');
      if (button) show(button, localStorage.getItem(key) === 'true');
    });
    document.getElementById('buy-kept').hidden = kept().length === 0;
  }

  function catchUp() {
    if (kept().length === 0) return;
    sendAll().then(function (sent) { if (sent && list) location.reload(); }).catch(function () { /* later */ });
  }

  window.addEventListener('online', catchUp);
  if (list) {
    if ('serviceWorker' in navigator) {
      navigator.serviceWorker.register('/offline.js?workroom=' + list.dataset.workroom)
        .catch(function () { /* goes on with the network only */ });
    }
    list.addEventListener('submit', function (event) {
      const button = event.submitter;
      if (!button || button.name !== 'line') return;
      event.preventDefault();
      const key = PREFIX + button.value;
      const got = button.getAttribute('aria-pressed') !== 'true';
      // Kept first: whoever goes on to another page at once loses nothing.
      try { localStorage.setItem(key, String(got)); } catch { sendPlain(event.target, button.value); return; }
      button.setAttribute('aria-busy', 'true');
      post(button.value, got, event.target.elements.by.value).then(function (answer) {
        localStorage.removeItem(key);
        location.href = answer.url;
      }).catch(function () {
        button.removeAttribute('aria-busy');
        showKept();
      });
    });
    showKept();
  }
  catchUp();
}());
