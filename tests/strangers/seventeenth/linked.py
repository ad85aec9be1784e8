class Node:
    __slots__ = ("value", "next")

    def __init__(self, value, next=None):
        self.value = value
        self.next = next


class LinkedList:
    def __init__(self, items=()):
        self.head = None
        self.size = 0
        for item in items:
            self.append(item)

    def append(self, value):
        node = Node(value)
        if self.head is None:
            self.head = node
        else:
            current = self.head
            while current.next:
                current = current.next
            current.next = node
        self.size += 1

    def __iter__(self):
        current = self.head
        while current is not None:
            yield current.value
            current = current.next

    def __len__(self):
        return self.size

    def __contains__(self, value):
        return any(v == value for v in self)

    def __getitem__(self, index):
        if not 0 <= index < self.size:
            raise IndexError("list index out of range")
        current = self.head
        for _ in range(index):
            current = current.next
        return current.value

    def reverse(self):
        previous, current = None, self.head
        while current:
            current.next, previous, current = previous, current, current.next
        self.head = previous

    def __str__(self):
        return " -> ".join(str(v) for v in self) or "(empty)"


class Stack:
    def __init__(self):
        self.__items = []

    def push(self, item): self.__items.append(item)
    def pop(self): return self.__items.pop()
    def peek(self): return self.__items[-1]
    def is_empty(self): return not self.__items


def balanced(text):
    pairs = {")": "(", "]": "[", "}": "{"}
    stack = Stack()
    for ch in text:
        if ch in pairs.values():
            stack.push(ch)
        elif ch in pairs:
            if stack.is_empty() or stack.pop() != pairs[ch]:
                return False
    return stack.is_empty()


ll = LinkedList([3, 1, 4, 1, 5])
print(ll, len(ll), 4 in ll, 9 in ll, ll[2])
ll.reverse()
print(ll, list(ll), sum(ll), max(ll))
print(LinkedList())
try:
    ll[10]
except IndexError as e:
    print("IndexError:", e)
for t in ["(a[b]{c})", "(]", "((", ""]:
    print(repr(t), balanced(t))
tree = {"root": {"left": {"leaf": 1}, "right": {"leaf": 2, "deep": {"leaf": 3}}}}


def walk(node, depth=0):
    total = 0
    for key, value in node.items():
        print("  " * depth + key + (": " + str(value) if not isinstance(value, dict) else ""))
        if isinstance(value, dict):
            total += walk(value, depth + 1)
        else:
            total += value
    return total


print(walk(tree))
