class Page { constructor(id) { this._id = id; } link() { return "#id " + this._id; } } // see issue #id
console.log(new Page(3).link());
