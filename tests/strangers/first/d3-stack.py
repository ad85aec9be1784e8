class Stack:
    def __init__(self):
        self._items = []

    def push(self, item):
        self._items.append(item)

    def pop(self):
        if self.is_empty():
            raise IndexError("stack is empty")
        return self._items.pop()

    def is_empty(self):
        return len(self._items) == 0

    def __len__(self):
        return len(self._items)

    def __iter__(self):
        return iter(reversed(self._items))

    def __contains__(self, item):
        return item in self._items

    def __getitem__(self, index):
        return self._items[-1 - index]


class Node:
    def __init__(self, value, next=None):
        self.value = value
        self.next = next


class LinkedList:
    def __init__(self):
        self.head = None

    def add(self, value):
        if self.head is None:
            self.head = Node(value)
            return
        node = self.head
        while node.next:
            node = node.next
        node.next = Node(value)

    def __str__(self):
        parts = []
        node = self.head
        while node is not None:
            parts.append(str(node.value))
            node = node.next
        return " -> ".join(parts)

    def reverse(self):
        previous, node = None, self.head
        while node:
            node.next, previous, node = previous, node, node.next
        self.head = previous


s = Stack()
for c in "garden":
    s.push(c)
print(len(s), "r" in s, s[0], "".join(s))
while not s.is_empty():
    print(s.pop(), end="")
print()
try:
    s.pop()
except IndexError as e:
    print("Error:", e)
l = LinkedList()
for i in range(5):
    l.add(i * i)
print(l)
l.reverse()
print(l)
