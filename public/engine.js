// Read by any engine, however old: says so where one lacks what Ripenum is built on.
(function () {
  var isNew =
    'CompressionStream' in window &&
    'findLast' in Array.prototype &&
    window.CSS &&
    CSS.supports('color', 'color-mix(in srgb, red, blue)');
  if (!isNew) document.getElementById('old-engine').hidden = false;
})();
