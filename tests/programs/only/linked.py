class Node:
    def __init__(self, value):
        self.value = value
        self.next = None

class LinkedList:
    def __init__(self):
        self.head = None
        self.size = 0
    def append(self, value):
        node = Node(value)
        if self.head is None:
            self.head = node
        else:
            cur = self.head
            while cur.next is not None:
                cur = cur.next
            cur.next = node
        self.size += 1
    def show(self):
        out = []
        cur = self.head
        while cur:
            out.append(str(cur.value))
            cur = cur.next
        print(" -> ".join(out))

l = LinkedList()
for v in [3, 1, 4]:
    l.append(v)
l.show()
print(l.size)
