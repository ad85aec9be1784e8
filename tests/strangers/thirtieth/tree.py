import sys
sys.setrecursionlimit(5000)

class Tree:
    def __init__(self):
        self.root = None

    class _Node:
        def __init__(self, key):
            self.key = key
            self.left = self.right = None
            self.count = 1

    def insert(self, key):
        def go(node):
            if node is None:
                return Tree._Node(key)
            if key == node.key:
                node.count += 1
            elif key < node.key:
                node.left = go(node.left)
            else:
                node.right = go(node.right)
            return node
        self.root = go(self.root)

    def __iter__(self):
        def walk(node):
            if node:
                yield from walk(node.left)
                yield node.key, node.count
                yield from walk(node.right)
        return walk(self.root)

    def height(self, node='root'):
        if node == 'root': node = self.root
        return 0 if node is None else 1 + max(self.height(node.left), self.height(node.right))

    def levels(self):
        level = [self.root] if self.root else []
        while level:
            yield [n.key for n in level]
            level = [c for n in level for c in (n.left, n.right) if c]

    def draw(self, node=None, depth=0):
        node = node or self.root
        if node.right: self.draw(node.right, depth + 1)
        print('    ' * depth + str(node.key))
        if node.left: self.draw(node.left, depth + 1)

t = Tree()
for w in "the quick brown fox jumps over the lazy dog and the fox".split():
    t.insert(w)
for key, count in t:
    print(f"{key}{'' if count == 1 else f' x{count}'}", end='; ')
print()
print(t.height(), list(t.levels()))
t.draw()
print(max(t), dict(t)['the'], len(list(t)))
