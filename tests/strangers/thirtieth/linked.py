class Node:
    __slots__ = ('value', 'next')

    def __init__(self, value, next=None):
        self.value, self.next = value, next


class LinkedList:
    def __init__(self, items=()):
        self.head = None
        self.size = 0
        for item in reversed(list(items)):
            self.push(item)

    def push(self, value):
        self.head = Node(value, self.head)
        self.size += 1
        return self

    def pop(self):
        if not self.head:
            raise IndexError('pop from empty list')
        node, self.head = self.head, self.head.next
        self.size -= 1
        return node.value

    def __len__(self):
        return self.size

    def __iter__(self):
        node = self.head
        while node:
            yield node.value
            node = node.next

    def __getitem__(self, index):
        if isinstance(index, slice):
            return LinkedList(list(self)[index])
        if index < 0:
            index += self.size
        for i, value in enumerate(self):
            if i == index:
                return value
        raise IndexError(f'no item {index}')

    def __contains__(self, value):
        return any(v == value for v in self)

    def __repr__(self):
        return ' -> '.join([repr(v) for v in self] + ['None'])

    def __eq__(self, other):
        return isinstance(other, LinkedList) and list(self) == list(other)

    def __add__(self, other):
        return LinkedList([*self, *other])

    def reverse(self):
        previous, node = None, self.head
        while node is not None:
            node.next, previous, node = previous, node, node.next
        self.head = previous

    def insert_after(self, value, new):
        node = self.head
        while node and node.value != value:
            node = node.next
        if node:
            node.next = Node(new, node.next)
            self.size += 1
        else:
            raise ValueError(value)


a = LinkedList('fern')
print(a, len(a), a[0], a[-1])
a.push('X').push('Y')
print(a, 'e' in a, 'z' in a)
a.reverse()
print(a)
a.insert_after('e', 7)
print(a[1:4], list(a))
print(a == LinkedList(['n', 'r', 'e', 7, 'f', 'X', 'Y']), a != LinkedList())
print(LinkedList([1, 2]) + LinkedList((3,)))
for attempt in (lambda: a[20], lambda: LinkedList().pop(), lambda: a.insert_after('q', 0)):
    try:
        attempt()
    except (IndexError, ValueError) as e:
        print(type(e).__name__, '-', e)
first, second, *others = a
print(first, second, others)
print(sorted(str(x) for x in a), sum(1 for _ in a))
while a:
    a.pop()
print(a, bool(a))
