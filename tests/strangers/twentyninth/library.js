// Library system
class Book {
  #borrowed = false;
  static count = 0;
  constructor(title, author, year) {
    this.title = title;
    this.author = author;
    this.year = year;
    Book.count++;
  }
  get isBorrowed() { return this.#borrowed; }
  borrow() {
    if (this.#borrowed) throw new Error(`"${this.title}" is already borrowed`);
    this.#borrowed = true;
    return this;
  }
  giveBack() { this.#borrowed = false; }
  toString() { return `${this.title} by ${this.author} (${this.year})`; }
}
class Library {
  constructor(name) { this.name = name; this.books = []; this.members = new Map(); }
  add(...books) { this.books.push(...books); return this; }
  find(predicate) { return this.books.filter(predicate); }
  lend(title, member) {
    const book = this.books.find(b => b.title === title);
    if (!book) throw new RangeError(`No book called ${title}`);
    book.borrow();
    if (!this.members.has(member)) this.members.set(member, []);
    this.members.get(member).push(book);
  }
  *[Symbol.iterator]() { yield* this.books; }
  report() {
    console.log(`== ${this.name} ==`);
    for (const [member, books] of this.members) {
      console.log(`${member}: ${books.map(String).join('; ')}`);
    }
  }
}
const lib = new Library('Fernhollow');
lib.add(new Book('Soil', 'A. Moss', 1999), new Book('Roots', 'B. Fern', 2005)).add(new Book('Leaves', 'C. Reed', 2010));
lib.lend('Soil', 'Mia');
lib.lend('Roots', 'Mia');
for (const t of ['Soil', 'Trees']) {
  try { lib.lend(t, 'Tom'); } catch (e) { console.log(e instanceof RangeError ? 'Missing:' : 'Problem:', e.message); }
}
lib.report();
console.log([...lib].length, Book.count, lib.find(b => !b.isBorrowed).map(b => `${b}`));
console.log(Object.keys(lib.books[0]), JSON.stringify(lib.books[2]));
