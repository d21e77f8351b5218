const STORED = 'zumbido.single-keys';

/** Whether single keys do things; can be switched off for those who dictate (WCAG 2.1.4). */
class Keys {
  #single = $state(localStorage.getItem(STORED) !== 'off');

  get single(): boolean {
    return this.#single;
  }

  set single(on: boolean) {
    this.#single = on;
    localStorage.setItem(STORED, on ? 'on' : 'off');
  }
}

export const keys = new Keys();
