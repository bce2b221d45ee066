// What there is on this tablet without a line, by the names of the pages; and the way back to a form that was not sent.

document.querySelector('#back')?.addEventListener('click', (event) => {
  event.preventDefault();
  window.history.back();
});

async function list() {
  const copies = await caches.open('lento.pages');
  const places = document.querySelector('#copies');
  for (const request of await copies.keys()) {
    const html = await (await copies.match(request)).text();
    const page = new DOMParser().parseFromString(html, 'text/html');
    const link = document.createElement('a');
    link.href = request.url;
    link.textContent = page.title.replace(' · Lento', '');
    places.append(Object.assign(document.createElement('li'), {}));
    places.lastChild.append(link);
  }
  document.querySelector('#none').hidden = places.children.length > 0;
}

if (document.querySelector('#copies')) list();
