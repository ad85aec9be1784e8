// Library management, constructor functions and prototypes
function Book(title, author, year) {
  this.title = title;
  this.author = author;
  this.year = year;
  this.available = true;
}
Book.prototype.describe = function () {
  return this.title + ' by ' + this.author + ' (' + this.year + ')';
};
Book.prototype.toString = function () {
  return '[Book ' + this.title + ']';
};

function EBook(title, author, year, size) {
  Book.call(this, title, author, year);
  this.size = size;
}
EBook.prototype = Object.create(Book.prototype);
EBook.prototype.constructor = EBook;
EBook.prototype.describe = function () {
  return Book.prototype.describe.call(this) + ', ' + this.size + ' MB';
};

var library = {
  books: [],
  add: function (book) {
    this.books.push(book);
    return this;
  },
  find: function (text) {
    var self = this;
    var found = [];
    self.books.forEach(function (b) {
      if (b.title.toLowerCase().indexOf(text.toLowerCase()) !== -1) found.push(b);
    });
    return found;
  },
  lend: function (title) {
    for (var i = 0; i < this.books.length; i++) {
      if (this.books[i].title === title) {
        if (!this.books[i].available) throw new Error(title + ' is lent');
        this.books[i].available = false;
        return true;
      }
    }
    return false;
  }
};

library.add(new Book('Ponds', 'Heron', 1999)).add(new EBook('Pond Life', 'Teal', 2010, 4.5)).add(new Book('Oaks', 'Jay', 2003));
library.find('pond').forEach(function (b) { console.log(b.describe()); });
console.log(library.lend('Oaks'), library.lend('Elms'));
try {
  library.lend('Oaks');
} catch (e) {
  console.log('Problem: ' + e.message);
}
console.log(library.books[1] instanceof Book, library.books[0] instanceof EBook);
console.log('' + library.books[2], library.books.length);
var available = library.books.filter(function (b) { return b.available; }).map(function (b) { return b.title; });
console.log(available.join(', '));
for (var key in library.books[0]) {
  if (library.books[0].hasOwnProperty(key)) console.log(key, '=', library.books[0][key]);
}
