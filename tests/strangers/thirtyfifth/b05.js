// Linked list and its tests, all in one
function Node(value, next) {
  this.value = value;
  this.next = next || null;
}
function LinkedList() {
  this.head = null;
  this.length = 0;
}
LinkedList.prototype.push = function (value) {
  var node = new Node(value);
  if (!this.head) {
    this.head = node;
  } else {
    var current = this.head;
    while (current.next) current = current.next;
    current.next = node;
  }
  return ++this.length;
};
LinkedList.prototype.reverse = function () {
  var prev = null, current = this.head, next;
  while (current !== null) {
    next = current.next;
    current.next = prev;
    prev = current;
    current = next;
  }
  this.head = prev;
  return this;
};
LinkedList.prototype.toString = function () {
  var parts = [];
  for (var n = this.head; n; n = n.next) parts.push(n.value);
  return '[' + parts.join(' -> ') + ']';
};
LinkedList.prototype.removeAt = function (index) {
  if (index < 0 || index >= this.length) return undefined;
  var removed;
  if (index === 0) { removed = this.head; this.head = removed.next; }
  else {
    var before = this.head;
    for (var i = 0; i < index - 1; i++) { before = before.next; }
    removed = before.next;
    before.next = removed.next;
  }
  this.length--;
  return removed.value;
};
var list = new LinkedList();
['a', 'b', 'c', 'd'].forEach(function (x) { list.push(x); });
console.log(String(list), list.length);
console.log('' + list.reverse());
console.log(list.removeAt(1), list.removeAt(9), list.removeAt(0), `${list}`);
console.log(list instanceof LinkedList, list.constructor === LinkedList, typeof list, Object.keys(list));
