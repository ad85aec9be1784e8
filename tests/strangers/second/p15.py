from typing import List, Optional
class TreeNode:
    def __init__(self, key: int):
        self.key = key
        self.left: Optional["TreeNode"] = None
        self.right: Optional["TreeNode"] = None
class Tree:
    def __init__(self) -> None:
        self.root: Optional[TreeNode] = None
        self.size: int = 0
    def insert(self, key: int) -> bool:
        if self.root is None:
            self.root = TreeNode(key)
            self.size += 1
            return True
        node = self.root
        while True:
            if key == node.key:
                return False
            side = "left" if key < node.key else "right"
            child = node.left if side == "left" else node.right
            if child is None:
                new = TreeNode(key)
                if side == "left":
                    node.left = new
                else:
                    node.right = new
                self.size += 1
                return True
            node = child
    def inorder(self) -> List[int]:
        result: List[int] = []
        def walk(node: Optional[TreeNode]) -> None:
            if node is None:
                return
            walk(node.left)
            result.append(node.key)
            walk(node.right)
        walk(self.root)
        return result
    def height(self, node="root") -> int:
        if node == "root":
            node = self.root
        if node is None:
            return 0
        return 1 + max(self.height(node.left), self.height(node.right))
    def __contains__(self, key: int) -> bool:
        node = self.root
        while node and node.key != key:
            node = node.left if key < node.key else node.right
        return node is not None
t = Tree()
print([t.insert(k) for k in (5, 2, 8, 2, 9, 1)])
print(t.inorder(), t.size, t.height(), 8 in t, 7 in t)
