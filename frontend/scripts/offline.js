// Keeps what has been opened of making and the list for the shop, so that it can be gone on with where there is no
// network. All else goes to the network as if this were not there.
(function () {
  'use strict';
  // What is kept belongs to one workroom: where another one comes to this address, nothing of the first is shown.
  const STORE = 'dapt-make-' + (new URL(location.href).searchParams.get('workroom') || 'none');
  const MOST_PAGES = 60;
  const MAKE = /^\/(covers|sets)\/\d+\/make(\/steps)?$|^\/to-buy$/;
  const ASSET = /\.(js|css|woff2|svg)$/;
  const PATIENCE = 4000;

  function address(request) { return new URL(request.url); }
  function isOurs(request) { return request.method === 'GET' && address(request).origin === location.origin; }
  function isMake(request) { return isOurs(request) && MAKE.test(address(request).pathname); }
  function isAsset(request) {
    return isOurs(request) && address(request).searchParams.has('v') && ASSET.test(address(request).pathname);
  }
  // Whichever step is asked for, the page is the same page; its script shows the step.
  function key(request) { return address(request).pathname; }

  // The pages opened last, and of each script and style the one in use.
  function trim(store) {
    return store.keys().then(function (kept) {
      const pages = kept.filter(function (each) { return MAKE.test(address(each).pathname); });
      const newest = new Map(kept.map(function (each) { return [address(each).pathname, each.url]; }));
      const old = kept.filter(function (each) { return newest.get(address(each).pathname) !== each.url; });
      return Promise.all(pages.slice(0, Math.max(0, pages.length - MOST_PAGES)).concat(old)
        .map(function (each) { return store.delete(each); }));
    });
  }
  function fetched(request, name) {
    return caches.open(STORE).then(function (store) {
      return fetch(request).then(function (answer) {
        if (answer.ok && !answer.redirected) store.put(name, answer.clone()).then(function () { return trim(store); });
        return answer;
      });
    });
  }
  function old(name) { return caches.match(name, { cacheName: STORE }); }
  function newest(request) {
    const name = key(request);
    const network = fetched(request, name);
    const patience = new Promise(function (resolve) { setTimeout(resolve, PATIENCE); })
      .then(function () { return old(name); });
    return Promise.race([network.catch(function () { return old(name); }), patience]).then(function (answer) {
      return answer || network;
    });
  }
  function asset(request) {
    return old(request.url).then(function (answer) { return answer || fetched(request, request.url); });
  }

  self.addEventListener('install', function () { self.skipWaiting(); });
  self.addEventListener('activate', function (event) {
    event.waitUntil(caches.keys().then(function (names) {
      return Promise.all(names.filter(function (name) { return name.startsWith('dapt-') && name !== STORE; })
        .map(function (name) { return caches.delete(name); }));
    }).then(function () { return self.clients.claim(); }));
  });
  self.addEventListener('fetch', function (event) {
    if (isMake(event.request)) event.respondWith(newest(event.request));
    else if (isAsset(event.request)) event.respondWith(asset(event.request));
  });
}());
