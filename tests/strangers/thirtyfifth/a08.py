import random

random.seed(7)

class Node:
    __slots__ = ("key", "left", "right")

    def __init__(self, key):
        self.key, self.left, self.right = key, None, None

class Tree:
    def __init__(self):
        self.root = None
        self.size = 0

    def add(self, key):
        if not self.root:
            self.root = Node(key)
            self.size = 1
            return True
        at = self.root
        while True:
            if key == at.key:
                return False
            side = "left" if key < at.key else "right"
            if getattr(at, side) is None:
                setattr(at, side, Node(key))
                self.size += 1
                return True
            at = getattr(at, side)

    def __contains__(self, key):
        at = self.root
        while at and at.key != key:
            at = at.left if key < at.key else at.right
        return at is not None

    def __iter__(self):
        def walk(node):
            if node:
                yield from walk(node.left)
                yield node.key
                yield from walk(node.right)
        return walk(self.root)

    def __len__(self):
        return self.size

    def height(self):
        def h(n):
            return 0 if n is None else 1 + max(h(n.left), h(n.right))
        return h(self.root)

t = Tree()
for k in [50, 30, 70, 20, 40, 60, 80, 30]:
    print(k, t.add(k), end="; ")
print()
print(list(t), len(t), t.height(), 60 in t, 65 in t)
print(sum(t), max(t), [k for k in t if k % 20])
