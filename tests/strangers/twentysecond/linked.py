class Node:
    def __init__(self, data, nxt=None):
        self.data = data
        self.next = nxt

class LinkedList:
    def __init__(self, items=()):
        self.head = None
        self._size = 0
        for item in items:
            self.append(item)

    def append(self, data):
        node = Node(data)
        if self.head is None:
            self.head = node
        else:
            cur = self.head
            while cur.next:
                cur = cur.next
            cur.next = node
        self._size += 1

    def __iter__(self):
        cur = self.head
        while cur:
            yield cur.data
            cur = cur.next

    def __len__(self):
        return self._size

    def __getitem__(self, index):
        if isinstance(index, slice):
            return LinkedList(list(self)[index])
        if index < 0:
            index += self._size
        if not 0 <= index < self._size:
            raise IndexError('list index out of range')
        for i, d in enumerate(self):
            if i == index:
                return d

    def __setitem__(self, index, value):
        cur = self.head
        for _ in range(index):
            cur = cur.next
        cur.data = value

    def __delitem__(self, index):
        if index == 0:
            self.head = self.head.next
        else:
            cur = self.head
            for _ in range(index - 1):
                cur = cur.next
            cur.next = cur.next.next
        self._size -= 1

    def __reversed__(self):
        return reversed(list(self))

    def __str__(self):
        return ' -> '.join(map(str, self)) + ' -> None'

    def reverse(self):
        prev, cur = None, self.head
        while cur is not None:
            cur.next, prev, cur = prev, cur, cur.next
        self.head = prev

    def insert_sorted(self, value):
        if not self.head or self.head.data >= value:
            self.head = Node(value, self.head)
        else:
            cur = self.head
            while cur.next is not None and cur.next.data < value:
                cur = cur.next
            cur.next = Node(value, cur.next)
        self._size += 1

    def __add__(self, other):
        return LinkedList([*self, *other])

ll = LinkedList([5, 8, 12])
ll.insert_sorted(7); ll.insert_sorted(1); ll.insert_sorted(99)
print(ll, len(ll), ll[0], ll[-1])
ll.reverse()
print(ll)
ll[1] = 'twelve'
del ll[0]
print(ll, 'twelve' in ll, 77 in ll)
print(ll[1:3], list(reversed(ll)))
try:
    ll[10]
except IndexError as e:
    print('IndexError:', e)
print(ll + LinkedList('ab'), bool(LinkedList()), [x for x in ll if isinstance(x, int)])

class Stack(list):
    def push(self, x): self.append(x)
    def peek(self): return self[-1] if self else None

s = Stack()
s.push(1); s.push(2)
print(s.peek(), s.pop(), len(s), s)

class Tree:
    def __init__(self, key):
        self.key, self.left, self.right = key, None, None
    def insert(self, key):
        side = 'left' if key < self.key else 'right'
        child = getattr(self, side)
        if child is None:
            setattr(self, side, Tree(key))
        else:
            child.insert(key)
    def walk(self):
        if self.left: yield from self.left.walk()
        yield self.key
        if self.right: yield from self.right.walk()
    def height(self):
        return 1 + max((c.height() for c in (self.left, self.right) if c), default=0)

t = Tree('m')
for ch in 'gardenpath':
    t.insert(ch)
print(''.join(t.walk()), t.height())
