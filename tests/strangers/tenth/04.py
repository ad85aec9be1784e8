class Node:
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

    def __len__(self):
        return self.size

    def __iter__(self):
        current = self.head
        while current:
            yield current.value
            current = current.next

    def __contains__(self, value):
        return any(v == value for v in self)

    def __repr__(self):
        return "LinkedList(" + " -> ".join(repr(v) for v in self) + ")"


plants = LinkedList(["fern", "moss", "ivy"])
plants.append("reed")
print(plants, len(plants))
plants.remove("moss")
print("moss" in plants, "ivy" in plants)
plants.reverse()
print(plants)
print([p.upper() for p in plants])
