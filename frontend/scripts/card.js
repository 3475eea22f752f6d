document.getElementById('print').addEventListener('click', function () { window.print(); });
