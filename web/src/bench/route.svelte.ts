import { isStation, type Station } from './stations';

export type Route = { view: 'shelf' } | { view: 'brand'; id: string; station: Station };

/** Where the page is; kept in the address after #, so that back, forward and reload work. */
class Router {
  #current = $state<Route>(parse(location.hash));

  constructor() {
    window.addEventListener('hashchange', () => (this.#current = parse(location.hash)));
  }

  get current(): Route {
    return this.#current;
  }

  go(address: string): void {
    location.hash = address;
  }
}

function parse(hash: string): Route {
  const [, brands, id, station] = hash.replace(/^#/, '').split('/');
  return brands === 'brands' && id
    ? { view: 'brand', id, station: isStation(station) ? station : 'gather' }
    : { view: 'shelf' };
}

export const SHELF_ADDRESS = '#/';

export function addressOf(id: string, station: Station = 'gather'): string {
  return `#/brands/${id}/${station}`;
}

export const router = new Router();
