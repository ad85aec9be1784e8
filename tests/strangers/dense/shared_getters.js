class T { static #n = 0; constructor() { T.#n++; } static get total() { return T.#n; } static get half() { return T.total / 2; } }
new T(); const t = new T(); console.log(T.total, T.half, `${T.total}`);
class U extends T {} console.log(U.total);
