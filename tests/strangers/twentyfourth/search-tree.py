class Node:
    __slots__ = ("key", "left", "right")

    def __init__(self, key):
        self.key = key
        self.left = self.right = None


class Tree:
    def __init__(self, keys=()):
        self.root = None
        self._size = 0
        for key in keys:
            self.insert(key)

    def insert(self, key):
        if self.root is None:
            self.root = Node(key)
            self._size += 1
            return True
        node = self.root
        while True:
            if key == node.key:
                return False
            side = "left" if key < node.key else "right"
            child = getattr(node, side)
            if child is None:
                setattr(node, side, Node(key))
                self._size += 1
                return True
            node = child

    def __contains__(self, key):
        node = self.root
        while node and node.key != key:
            node = node.left if key < node.key else node.right
        return node is not None

    def __iter__(self):
        yield from self._walk(self.root)

    def _walk(self, node):
        if node:
            yield from self._walk(node.left)
            yield node.key
            yield from self._walk(node.right)

    def __len__(self):
        return self._size

    def height(self):
        def below(node):
            return 0 if node is None else 1 + max(below(node.left), below(node.right))
        return below(self.root)

    def levels(self):
        level = [self.root] if self.root else []
        while level:
            yield [n.key for n in level]
            level = [c for n in level for c in (n.left, n.right) if c]


tree = Tree([50, 30, 70, 20, 40, 60, 80, 30])
print(list(tree), len(tree), tree.height())
print(40 in tree, 45 in tree)
for depth, keys in enumerate(tree.levels()):
    print("  " * depth, *keys)
words = Tree("the quick brown fox jumps over the lazy dog".split())
print(" ".join(words), max(words), min(words))
print(sum(tree), any(k > 75 for k in tree))
