class Node:
    __slots__ = ("key", "left", "right")

    def __init__(self, key):
        self.key, self.left, self.right = key, None, None


class Tree:
    def __init__(self, keys=()):
        self.root = None
        self._size = 0
        for k in keys:
            self.add(k)

    def __len__(self):
        return self._size

    def __contains__(self, key):
        at = self.root
        while at is not None:
            if key == at.key:
                return True
            at = at.left if key < at.key else at.right
        return False

    def __iter__(self):
        yield from self._walk(self.root)

    def _walk(self, node):
        if node:
            yield from self._walk(node.left)
            yield node.key
            yield from self._walk(node.right)

    def add(self, key):
        if self.root is None:
            self.root = Node(key)
            self._size = 1
            return
        at = self.root
        while True:
            if key == at.key:
                return
            side = "left" if key < at.key else "right"
            nxt = getattr(at, side)
            if nxt is None:
                setattr(at, side, Node(key))
                self._size += 1
                return
            at = nxt

    def height(self):
        def h(n):
            return 0 if n is None else 1 + max(h(n.left), h(n.right))
        return h(self.root)


t = Tree([50, 30, 70, 20, 40, 60, 80, 30])
print(len(t), t.height(), list(t))
print(60 in t, 65 in t)
for i, k in enumerate(t, 1):
    print(i, k, sep=":", end=" ")
print()
print(sum(t), max(t), min(t), sorted(t, reverse=True)[:3])
