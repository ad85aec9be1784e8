class Vector:
    count = 0
    def __init__(self, x=0, y=0):
        self.x, self.y = x, y
        Vector.count += 1
    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, k): return Vector(self.x * k, self.y * k)
    def __rmul__(self, k): return self * k
    def __eq__(self, o): return isinstance(o, Vector) and (self.x, self.y) == (o.x, o.y)
    def __str__(self): return f"({self.x}, {self.y})"
    def __repr__(self): return f"Vector({self.x}, {self.y})"
    def __len__(self): return 2
    def __getitem__(self, i): return (self.x, self.y)[i]
    def __bool__(self): return bool(self.x or self.y)
    def __neg__(self): return Vector(-self.x, -self.y)
    @property
    def length(self): return (self.x ** 2 + self.y ** 2) ** 0.5
    @staticmethod
    def zero(): return Vector()
    @classmethod
    def of(cls, pair): return cls(*pair)
v, w = Vector(1, 2), Vector.of((3, 4))
print(v + w, v - w, v * 3, 2 * v, v == Vector(1, 2), v != w, [v, w], len(v), v[1], w.length, -v, bool(Vector.zero()), Vector.count)
class Shape:
    def __init__(self, name): self.name = name
    def area(self): raise NotImplementedError("area of " + self.name)
    def __str__(self): return f"{self.name}: {self.area():.1f}"
    def __lt__(self, other): return self.area() < other.area()
class Circle(Shape):
    def __init__(self, r):
        super().__init__("circle"); self.r = r
    def area(self): return 3.14159 * self.r ** 2
class Square(Shape):
    def __init__(self, s):
        super().__init__("square"); self.s = s
    def area(self): return self.s ** 2
shapes = [Circle(1), Square(3), Circle(0.5)]
for s in sorted(shapes): print(s)
print(max(shapes).name, isinstance(shapes[0], Shape), [type(s).__name__ for s in shapes])
try:
    print(Shape("blob"))
except NotImplementedError as e:
    print("not yet:", e)
class Node:
    def __init__(self, value, next=None): self.value, self.next = value, next
class Linked:
    def __init__(self, items=()):
        self.head = None; self.size = 0
        for i in items: self.push(i)
    def push(self, v): self.head = Node(v, self.head); self.size += 1
    def __iter__(self):
        n = self.head
        while n:
            yield n.value
            n = n.next
    def reverse(self):
        prev, cur = None, self.head
        while cur: cur.next, prev, cur = prev, cur, cur.next
        self.head = prev
ll = Linked("abc"); print(list(ll), ll.size); ll.reverse(); print("".join(ll), "b" in ll, sum(1 for _ in ll))
class Account:
    rate = 0.1
    def __init__(self, owner, balance=0): self.owner = owner; self._balance = balance; self.log = []
    def deposit(self, n):
        if n <= 0: raise ValueError(f"bad amount {n}")
        self._balance += n; self.log.append(("in", n)); return self
    def withdraw(self, n):
        if n > self._balance: raise Overdrawn(self, n)
        self._balance -= n
    @property
    def balance(self): return self._balance
    @balance.setter
    def balance(self, v):
        if v < 0: raise ValueError("negative")
        self._balance = v
class Overdrawn(Exception):
    def __init__(self, account, n):
        super().__init__(f"{account.owner} lacks {n - account.balance}")
        self.account = account
acc = Account("Fern", 5).deposit(10).deposit(1)
for amount in (3, 100, -1):
    try:
        acc.withdraw(amount) if amount > 0 else acc.deposit(amount)
    except Overdrawn as e: print("no:", e, e.account.owner)
    except ValueError as e: print("bad:", e)
    else: print("ok", acc.balance)
acc.balance = 50; Account.rate = 0.2; print(acc.balance, acc.rate, acc.log, "", hasattr(acc, "owner"), getattr(acc, "nope", "none"))
stack, queue = [], []
for c in "(a[b]{c})": (stack.append(c) if c in "([{" else stack.pop() if c in ")]}" else queue.append(c))
print(stack, queue)
def count_down(n):
    while n > 0:
        yield n
        n -= 1
print(list(count_down(3)), sum(count_down(4)), [x * 2 for x in count_down(2)])
cache = {}
def fact(n): return 1 if n < 2 else cache.setdefault(n, n * fact(n - 1))
print(fact(20), len(cache))
import copy
orig = {"k": [1, [2]]}; sh, dp = copy.copy(orig), copy.deepcopy(orig); orig["k"][1].append(3); print(sh, dp)
