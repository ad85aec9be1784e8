class Node:
    def __init__(self, key, value=None):
        self.key = key; self.value = value
        self.left = self.right = None
class Tree:
    def __init__(self): self.root = None; self._n = 0
    def __setitem__(self, k, v): self.root = self._put(self.root, k, v)
    def _put(self, node, k, v):
        if node is None:
            self._n += 1
            return Node(k, v)
        if k < node.key: node.left = self._put(node.left, k, v)
        elif k > node.key: node.right = self._put(node.right, k, v)
        else: node.value = v
        return node
    def __getitem__(self, k):
        n = self.root
        while n:
            if k == n.key: return n.value
            n = n.left if k < n.key else n.right
        raise KeyError(k)
    def __contains__(self, k):
        try: self[k]; return True
        except KeyError: return False
    def __len__(self): return self._n
    def items(self, node="root"):
        if node == "root": node = self.root
        if node is not None:
            yield from self.items(node.left)
            yield node.key, node.value
            yield from self.items(node.right)
    def depth(self): 
        def go(n): return 0 if n is None else 1 + max(go(n.left), go(n.right))
        return go(self.root)
t = Tree()
for i, w in enumerate("the fern and the moss by the ivy".split()): t[w] = i
print(len(t), t["the"], "moss" in t, "oak" in t, t.depth())
for k, v in t.items(): print(k, v, end="; ")
print()
try: t["zzz"]
except KeyError as e: print("missing", e)
