class Node:
    def __init__(self, value, next=None):
        self.value, self.next = value, next


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

    def push(self, value):
        self.head = Node(value, self.head)
        self.size += 1

    def pop(self):
        if not self.head:
            raise IndexError("pop from empty list")
        value = self.head.value
        self.head = self.head.next
        self.size -= 1
        return value

    def reverse(self):
        previous, current = None, self.head
        while current is not None:
            current.next, previous, current = previous, current, current.next
        self.head = previous

    def __iter__(self):
        node = self.head
        while node:
            yield node.value
            node = node.next

    def __len__(self): return self.size
    def __str__(self): return " -> ".join(map(str, self)) or "(empty)"
    def __bool__(self): return self.size > 0


class Tree:
    class Leaf:
        def __init__(self, key):
            self.key = key
            self.left = self.right = None

    def __init__(self): self.root = None

    def add(self, key):
        def go(node):
            if node is None: return Tree.Leaf(key)
            if key < node.key: node.left = go(node.left)
            elif key > node.key: node.right = go(node.right)
            return node
        self.root = go(self.root)
        return self

    def walk(self):
        def inorder(n):
            if n:
                yield from inorder(n.left)
                yield n.key
                yield from inorder(n.right)
        return inorder(self.root)

    def depth(self, n="top"):
        if n == "top": n = self.root
        return 0 if n is None else 1 + max(self.depth(n.left), self.depth(n.right))


items = LinkedList([3, 1, 2])
items.push(9)
print(items, len(items), bool(LinkedList()), LinkedList())
items.reverse()
print(items, items.pop(), sum(items), 3 in items, max(items))
try:
    LinkedList().pop()
except IndexError as problem:
    print(type(problem).__name__, problem.args[0])
t = Tree()
for n in [5, 2, 8, 1, 9, 3, 5]: t.add(n)
print(list(t.walk()), t.depth())
graph = {"gate": ["shed", "pond"], "shed": ["pond", "oak"], "pond": ["oak"], "oak": []}
def paths(a, b, seen=()):
    if a == b: return [[b]]
    return [[a] + rest for n in graph[a] if n not in seen for rest in paths(n, b, seen + (a,))]
print(paths("gate", "oak"))
from collections import deque
def bfs(start, goal):
    queue, came = deque([start]), {start: None}
    while queue:
        here = queue.popleft()
        if here == goal: break
        for n in graph[here]:
            if n not in came:
                came[n] = here
                queue.append(n)
    path = []
    while goal: path.append(goal); goal = came[goal]
    return path[::-1]
print(bfs("gate", "oak"))
import heapq
def dijkstra(g, s):
    dist = {s: 0}; heap = [(0, s)]
    while heap:
        d, u = heapq.heappop(heap)
        if d > dist.get(u, float("inf")): continue
        for v, w in g.get(u, {}).items():
            if d + w < dist.get(v, float("inf")):
                dist[v] = d + w
                heapq.heappush(heap, (d + w, v))
    return dist
print(dijkstra({"a": {"b": 4, "c": 1}, "c": {"b": 2, "d": 7}, "b": {"d": 1}}, "a"))
stack = []
for token in "3 4 + 2 * 7 /".split():
    if token in "+-*/":
        b, a = stack.pop(), stack.pop()
        stack.append({"+": lambda: a + b, "-": lambda: a - b, "*": lambda: a * b, "/": lambda: a / b}[token]())
    else:
        stack.append(float(token))
print(stack)
memo = {}
def fib(n):
    if n in memo: return memo[n]
    memo[n] = n if n < 2 else fib(n - 1) + fib(n - 2)
    return memo[n]
print(fib(80), len(memo))
