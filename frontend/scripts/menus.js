// Menus: one is open at a time, closes when something else is pressed, and with Escape gives its button the focus back.
(function () {
  'use strict';

  document.addEventListener('click', function (event) {
    document.querySelectorAll('details.menu[open]').forEach(function (menu) {
      if (!menu.contains(event.target) || event.target.closest('.menu-panel a')) menu.open = false;
    });
  });

  // A link to something in a closed menu opens it first.
  document.addEventListener('click', function (event) {
    const link = event.target.closest('a[data-opens]');
    const menu = link && document.getElementById(link.dataset.opens);
    if (!menu) return;
    event.preventDefault();
    event.stopPropagation();
    menu.open = true;
    menu.querySelector('input:not([type=hidden])').focus();
  }, true);

  document.addEventListener('keydown', function (event) {
    const menu = event.key === 'Escape' && event.target.closest('details.menu[open]');
    if (!menu) return;
    event.stopPropagation();
    menu.open = false;
    menu.querySelector('summary').focus();
  }, true);

  // The part that turns a filled cover is large, and loaded once it is asked for.
  document.addEventListener('click', function (event) {
    const button = event.target.closest('[data-turn]');
    if (!button || button.disabled) return;
    button.disabled = true;
    import(button.dataset.module)
      .then(function (part) { return part.turn(button); })
      .catch(function () {
        button.disabled = false;
        button.textContent = button.dataset.failed;
      });
  });
})();
