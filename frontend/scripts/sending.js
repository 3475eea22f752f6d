// What is sent: one change after the other, what somebody is in the middle of left alone, and nothing lost in silence.
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
    const form = stranded && stranded.closest('form') || document.getElementById('slip');
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
})();
