const STORED = 'zumbido.leading';
const OVER = 'over';

/** The first brand leads through the stations once, unless somebody sends that away. */
class Leading {
  #brand = $state(localStorage.getItem(STORED));

  /** @param brand which has just been put on the shelf @param first whether no other stands there */
  begin(brand: string, first: boolean): void {
    if (first && this.#brand === null) {
      this.#set(brand);
    }
  }

  through(brand: string): boolean {
    return this.#brand === brand;
  }

  end(): void {
    this.#set(OVER);
  }

  #set(value: string): void {
    this.#brand = value;
    localStorage.setItem(STORED, value);
  }
}

export const leading = new Leading();
