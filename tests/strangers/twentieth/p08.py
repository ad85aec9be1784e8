class Node:
    def __init__(self, value, next=None):
        self.value = value
        self.next = next


class LinkedList:
    def __init__(self, *values):
        self.head = None
        self.size = 0
        for v in values:
            self.append(v)

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

    def insert(self, index, value):
        if not 0 <= index <= self.size:
            raise IndexError("index out of range")
        if index == 0:
            self.head = Node(value, self.head)
        else:
            current = self.head
            for _ in range(index - 1):
                current = current.next
            current.next = Node(value, current.next)
        self.size += 1

    def remove(self, value):
        previous, current = None, self.head
        while current is not None:
            if current.value == value:
                if previous is None:
                    self.head = current.next
                else:
                    previous.next = current.next
                self.size -= 1
                return True
            previous, current = current, current.next
        return False

    def reverse(self):
        previous = None
        current = self.head
        while current:
            current.next, previous, current = previous, current, current.next
        self.head = previous

    def __iter__(self):
        current = self.head
        while current:
            yield current.value
            current = current.next

    def __len__(self):
        return self.size

    def __contains__(self, value):
        return any(v == value for v in self)

    def __getitem__(self, index):
        for i, v in enumerate(self):
            if i == index:
                return v
        raise IndexError(index)

    def __str__(self):
        return " -> ".join(str(v) for v in self) or "empty"


l = LinkedList(3, 1, 4, 1, 5)
print(l, len(l))
l.insert(2, 99)
l.remove(1)
print(l, 99 in l, 7 in l, l[1])
l.reverse()
print(l, list(l), max(l), sum(l))
try:
    l.insert(50, 0)
except IndexError as e:
    print("Error:", e)
try:
    print(l[10])
except IndexError as e:
    print("Error:", e)
print(LinkedList())
