class Node:
    def __init__(self, value, next=None):
        self.value = value
        self.next = next

class LinkedList:
    def __init__(self, values=()):
        self.head = None
        self._size = 0
        for v in reversed(list(values)):
            self.push(v)
    def push(self, value):
        self.head = Node(value, self.head)
        self._size += 1
    def __len__(self):
        return self._size
    def __iter__(self):
        node = self.head
        while node:
            yield node.value
            node = node.next
    def __contains__(self, x):
        return any(v == x for v in self)
    def __getitem__(self, i):
        if i < 0:
            i += len(self)
        for k, v in enumerate(self):
            if k == i:
                return v
        raise IndexError("list index out of range")
    def reverse(self):
        prev, cur = None, self.head
        while cur is not None:
            cur.next, prev, cur = prev, cur, cur.next
        self.head = prev
    def __str__(self):
        return " -> ".join(map(str, self)) + " -> None"
    def __repr__(self):
        return f"LinkedList([{', '.join(repr(v) for v in self)}])"
    def __eq__(self, other):
        return isinstance(other, LinkedList) and list(self) == list(other)

l = LinkedList([1, 2, 3])
l.push(0)
print(l, len(l), 2 in l, 9 in l, l[-1])
l.reverse()
print(repr(l), l == LinkedList([3, 2, 1, 0]))
try:
    l[7]
except IndexError as err:
    print(type(err).__name__, err)
print([x * x for x in l], max(l), sorted(l), sum(l))
a, *b = l
print(a, b)
