"""A small least-recently-used store, as in the lesson on hash tables."""
from collections import OrderedDict, deque
from typing import Optional


class Node:
    __slots__ = ("key", "value", "prev", "next")

    def __init__(self, key=None, value=None):
        self.key = key
        self.value = value
        self.prev: Optional["Node"] = None
        self.next: Optional["Node"] = None


class LinkedStore:
    def __init__(self, capacity: int):
        if capacity < 1:
            raise ValueError(f"capacity must be positive, not {capacity}")
        self.capacity = capacity
        self.items = {}
        self.head, self.tail = Node(), Node()
        self.head.next, self.tail.prev = self.tail, self.head
        self.hits = self.misses = 0

    def _unlink(self, node):
        node.prev.next, node.next.prev = node.next, node.prev

    def _push_front(self, node):
        node.next = self.head.next
        node.prev = self.head
        self.head.next.prev = node
        self.head.next = node

    def get(self, key, default=None):
        node = self.items.get(key)
        if node is None:
            self.misses += 1
            return default
        self.hits += 1
        self._unlink(node)
        self._push_front(node)
        return node.value

    def put(self, key, value):
        if key in self.items:
            node = self.items[key]
            node.value = value
            self._unlink(node)
        else:
            if len(self.items) >= self.capacity:
                oldest = self.tail.prev
                self._unlink(oldest)
                del self.items[oldest.key]
            node = Node(key, value)
            self.items[key] = node
        self._push_front(node)

    def __contains__(self, key):
        return key in self.items

    def __len__(self):
        return len(self.items)

    def __iter__(self):
        node = self.head.next
        while node is not self.tail:
            yield node.key, node.value
            node = node.next


class DictStore:
    def __init__(self, capacity):
        self.capacity = capacity
        self.items = OrderedDict()

    def get(self, key, default=None):
        if key not in self.items:
            return default
        self.items.move_to_end(key)
        return self.items[key]

    def put(self, key, value):
        self.items[key] = value
        self.items.move_to_end(key)
        if len(self.items) > self.capacity:
            self.items.popitem(last=False)


store = LinkedStore(3)
for i, word in enumerate("rose lily iris rose tulip lily aster".split()):
    if store.get(word) is None:
        store.put(word, i)
    print(f"{word:<6}|", ", ".join(f"{k}={v}" for k, v in store))
print("hits", store.hits, "misses", store.misses, "size", len(store))
print("rose" in store, "aster" in store)

other = DictStore(2)
for word in ["a", "b", "a", "c", "b"]:
    if other.get(word) is None:
        other.put(word, word.upper())
print(list(other.items.items()))

try:
    LinkedStore(0)
except ValueError as problem:
    print("refused:", problem)

recent = deque(maxlen=3)
for n in range(6):
    recent.append(n * n)
print(recent, sum(recent), recent[-1])
recent.rotate(1)
print(list(recent))
