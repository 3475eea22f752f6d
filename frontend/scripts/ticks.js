// Ticks that this device keeps until the server has them: one entry of its storage each, so that two tabs never write
// over each other. Any page sends what an earlier one could not.
(function () {
  'use strict';
  const PREFIX = 'dapt-tick ';
  const MOST = 500;
  const REFUSED = 422;
  // Where a browser lets nothing be stored a tick lives as long as its page.
  const unstored = new Map();

  // Also where the page came over plain HTTP from another machine, which is no place for crypto.randomUUID.
  function uuid() {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = bytes[6] & 15 | 64;
    bytes[8] = bytes[8] & 63 | 128;
    const hex = Array.from(bytes, function (byte) { return byte.toString(16).padStart(2, '0'); }).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
  }
  function stored() {
    try {
      return Object.keys(localStorage).filter(function (key) { return key.startsWith(PREFIX); });
    } catch { return []; }
  }
  function read(key) {
    try { return JSON.parse(localStorage.getItem(key)); } catch { return null; }
  }
  function put(key, text) {
    try { localStorage.setItem(key, text); } catch { unstored.set(key, JSON.parse(text)); }
  }
  function device() {
    try {
      if (!localStorage.getItem('dapt-device')) localStorage.setItem('dapt-device', uuid().slice(0, 8));
      return localStorage.getItem('dapt-device');
    } catch { return 'page'; }
  }

  // What was ticked of a cover or a set and has not reached the server, the earliest first.
  function kept(base) {
    return stored().map(read).concat(Array.from(unstored.values()))
      .filter(function (tick) { return tick && tick.base === base; })
      .sort(function (a, b) { return a.at - b.at; });
  }
  function keep(base, key, done, passed) {
    const id = uuid();
    put(PREFIX + id, JSON.stringify(
      { id: id, base: base, key: key, done: done, passed: passed, at: Date.now(), device: device() }));
  }
  function drop(ticks) {
    ticks.forEach(function (tick) {
      unstored.delete(PREFIX + tick.id);
      try { localStorage.removeItem(PREFIX + tick.id); } catch { /* it was not stored */ }
    });
  }
  function answered(answer) { return answer.ok ? answer : Promise.reject(answer.status); }

  function posted(base, said, token) {
    return fetch(base + '/ticks', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
      // With what this clock says now, so that one that goes wrong is put right.
      body: JSON.stringify({ now: Date.now(), ticks: said.map(function (each) {
        const tick = Object.assign({}, each);
        delete tick.base;
        return tick;
      }) })
    });
  }

  // Sends some of them; what stands of every step then, and how many words were refused for good. A refusal of all is
  // rejected with its status, no network with nothing.
  function send(base) {
    const said = kept(base).slice(0, MOST);
    const asked = said.length === 0
      ? fetch(base + '/ticks', { cache: 'no-store' }).then(answered)
      : fetch('/token', { cache: 'no-store' }).then(answered)
        .then(function (answer) { return answer.text(); })
        .then(function (token) { return posted(base, said, token); })
        .then(function (answer) { return answer.status === REFUSED ? answer : answered(answer); });
    return asked.then(function (answer) { return answer.json(); }).then(function (now) {
      const refused = Object.keys(now.refused || {}).length;
      delete now.refused;
      drop(said);
      return { state: now, refused: refused };
    });
  }

  window.ticks = { keep: keep, kept: kept, send: send };
  if (!document.getElementById('make')) {
    new Set(stored().map(read).filter(Boolean).map(function (tick) { return tick.base; })).forEach(function (base) {
      send(base).catch(function () { /* another page tries again */ });
    });
  }
}());
