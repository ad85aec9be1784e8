class Node:
    def __init__(self, value):
        self.value = value
        self.left = None
        self.right = None

class Tree:
    def __init__(self):
        self.root = None
        self.size = 0

    def insert(self, value):
        if self.root is None:
            self.root = Node(value)
        else:
            self._insert(self.root, value)
        self.size += 1

    def _insert(self, node, value):
        if value < node.value:
            if node.left is None:
                node.left = Node(value)
            else:
                self._insert(node.left, value)
        else:
            if node.right is None:
                node.right = Node(value)
            else:
                self._insert(node.right, value)

    def in_order(self, node="start"):
        if node == "start":
            node = self.root
        if node is None:
            return []
        return self.in_order(node.left) + [node.value] + self.in_order(node.right)

    def height(self):
        def h(node):
            return 0 if node is None else 1 + max(h(node.left), h(node.right))
        return h(self.root)

    def __iter__(self):
        stack, node = [], self.root
        while stack or node:
            while node:
                stack.append(node)
                node = node.left
            node = stack.pop()
            yield node.value
            node = node.right

t = Tree()
for v in [50, 30, 70, 20, 40, 60, 80, 30]:
    t.insert(v)
print(t.in_order(), t.size, t.height())
print(list(t))
for i, v in enumerate(t, start=1):
    if i > 3:
        break
    print(i, v, sep=": ")
print(sum(t), max(t), 60 in list(t))
