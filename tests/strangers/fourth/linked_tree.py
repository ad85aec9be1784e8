class Node:
    def __init__(self, data, next=None):
        self.data, self.next = data, next

class LinkedList:
    def __init__(self): self.head = None
    def add(self, data):
        self.head = Node(data, self.head)
    def remove(self, data):
        prev, cur = None, self.head
        while cur is not None and cur.data != data:
            prev, cur = cur, cur.next
        if cur is None: raise KeyError(data)
        if prev is None: self.head = cur.next
        else: prev.next = cur.next
    def __iter__(self):
        cur = self.head
        while cur:
            yield cur.data
            cur = cur.next

class Tree:
    def __init__(self, key): self.key = key; self.left = self.right = None
    def insert(self, key):
        if key == self.key: return
        side = 'left' if key < self.key else 'right'
        child = getattr(self, side)
        if child is None: setattr(self, side, Tree(key))
        else: child.insert(key)
    def walk(self):
        if self.left: yield from self.left.walk()
        yield self.key
        if self.right: yield from self.right.walk()
    def height(self):
        return 1 + max((c.height() for c in (self.left, self.right) if c), default=0)

l = LinkedList()
for w in 'oak ash elm'.split(): l.add(w)
l.remove('ash')
print(list(l), 'oak' in l)
try: l.remove('fir')
except KeyError as e: print('missing', e)
root = Tree(50)
for k in (30, 70, 20, 40, 60, 80, 30): root.insert(k)
print(list(root.walk()), root.height())
