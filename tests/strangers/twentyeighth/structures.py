class Stack:
    def __init__(self):
        self._items = []
    def push(self, x): self._items.append(x)
    def pop(self):
        if self.is_empty():
            raise IndexError("pop from empty stack")
        return self._items.pop()
    def peek(self): return self._items[-1] if self._items else None
    def is_empty(self): return not self._items
    def __len__(self): return len(self._items)

class Node:
    def __init__(self, data, next=None):
        self.data, self.next = data, next

class LinkedList:
    def __init__(self, items=()):
        self.head = None
        self.size = 0
        for i in items: self.append(i)
    def append(self, data):
        if self.head is None:
            self.head = Node(data)
        else:
            cur = self.head
            while cur.next:
                cur = cur.next
            cur.next = Node(data)
        self.size += 1
    def __iter__(self):
        cur = self.head
        while cur:
            yield cur.data
            cur = cur.next
    def reverse(self):
        prev, cur = None, self.head
        while cur:
            cur.next, prev, cur = prev, cur, cur.next
        self.head = prev
    def remove(self, data):
        prev, cur = None, self.head
        while cur and cur.data != data:
            prev, cur = cur, cur.next
        if cur is None:
            raise ValueError(f"{data!r} is not in the list")
        if prev is None: self.head = cur.next
        else: prev.next = cur.next
        self.size -= 1
    def __str__(self): return " -> ".join(str(x) for x in self) or "(empty)"
    __repr__ = __str__
    def __len__(self): return self.size
    def __getitem__(self, i):
        for k, x in enumerate(self):
            if k == i: return x
        raise IndexError(i)

class Tree:
    def __init__(self, key):
        self.key = key
        self.left = self.right = None
    def insert(self, key):
        side = "left" if key < self.key else "right"
        child = getattr(self, side)
        if child is None: setattr(self, side, Tree(key))
        else: child.insert(key)
    def walk(self):
        if self.left: yield from self.left.walk()
        yield self.key
        if self.right: yield from self.right.walk()
    def height(self):
        return 1 + max(t.height() if t else 0 for t in (self.left, self.right))

s = Stack()
for ch in "([{}])": s.push(ch)
print(len(s), s.peek(), s.pop(), len(s))
try:
    Stack().pop()
except IndexError as e:
    print("Error:", e)
l = LinkedList([3, 1, 2])
print(l, len(l), l[1], list(l), 2 in l, sum(l))
l.reverse(); l.remove(1)
print(l, [l])
try: l.remove(9)
except ValueError as e: print(e)
try: l[7]
except IndexError as e: print("index", e)
print(LinkedList())
t = Tree(50)
for k in (30, 70, 20, 40, 60, 80): t.insert(k)
print(list(t.walk()), t.height())
