// What is in work is dragged to its place among what has the same day, or none: what the arrows beside it do too.
(function () {
  'use strict';

  let dragged = null;

  function item(of) {
    return of && of.closest && of.closest('.work-order > li');
  }

  document.addEventListener('pointerdown', function (event) {
    const line = event.pointerType === 'mouse' && item(event.target);
    if (line) line.draggable = !event.target.closest('input, button, select');
  });

  document.addEventListener('dragstart', function (event) {
    dragged = item(event.target);
    if (!dragged) return;
    event.dataTransfer.effectAllowed = 'move';
    event.dataTransfer.setData('text/plain', '');
    dragged.classList.add('dragged');
  });

  document.addEventListener('dragover', function (event) {
    const over = dragged && item(event.target);
    if (over && over !== dragged && over.dataset.due === dragged.dataset.due) event.preventDefault();
  });

  document.addEventListener('drop', function (event) {
    const over = dragged && item(event.target);
    if (!over || over === dragged || over.dataset.due !== dragged.dataset.due) return;
    event.preventDefault();
    const form = dragged.querySelector('.work-move');
    const to = document.createElement('input');
    to.type = 'hidden';
    to.name = 'to';
    to.value = over.dataset.at;
    form.append(to);
    form.submit();
  });

  document.addEventListener('dragend', function () {
    if (dragged) dragged.classList.remove('dragged');
    dragged = null;
  });

  document.addEventListener('click', function (event) {
    if (event.target.id === 'print' && event.target.closest('.calendar, .buy')) window.print();
  });
}());
