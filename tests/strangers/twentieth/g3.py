class Observable:
    def __init__(self):
        self._watchers = {}
    def on(self, event, callback):
        self._watchers.setdefault(event, []).append(callback)
        return callback
    def fire(self, event, *args, **kwargs):
        return [cb(*args, **kwargs) for cb in self._watchers.get(event, [])]

class Thermometer(Observable):
    def __init__(self, value=20.0):
        super().__init__()
        self._value = value
        self.changes = 0
    @property
    def value(self):
        return self._value
    @value.setter
    def value(self, new):
        if not -50 <= new <= 60:
            raise ValueError(f"{new} is out of range")
        old, self._value = self._value, new
        self.changes += 1
        self.fire("change", old, new)
    @property
    def fahrenheit(self):
        return self._value * 9 / 5 + 32
    @fahrenheit.setter
    def fahrenheit(self, f):
        self.value = (f - 32) * 5 / 9

log = []
t = Thermometer()
t.on("change", lambda old, new: log.append((round(old, 1), round(new, 1))))
t.on("change", lambda old, new: log.append("up" if new > old else "down"))
t.value = 25
t.value -= 10
t.fahrenheit = 68
try:
    t.value = 99
except ValueError as e:
    log.append(str(e))
print(log, t.changes, t.value, t.fahrenheit)

def memoize(f):
    cache = {}
    def inner(*args):
        if args not in cache:
            cache[args] = f(*args)
            inner.misses += 1
        return cache[args]
    inner.misses = 0
    return inner

def count_calls(limit):
    def decorate(f):
        calls = 0
        def inner(*args):
            nonlocal calls
            calls += 1
            if calls > limit:
                return f"{f.__name__}: too many"
            return f(*args)
        return inner
    return decorate

@count_calls(2)
def greet(name="you"):
    return "hello " + name
print(greet(), greet("Ash"), greet("Bo"))

class Tree:
    def __init__(self, value, left=None, right=None):
        self.value, self.left, self.right = value, left, right
    def insert(self, value):
        side = "left" if value < self.value else "right"
        child = getattr(self, side)
        if child is None:
            setattr(self, side, Tree(value))
        else:
            child.insert(value)
        return self
    def __iter__(self):
        if self.left:
            yield from self.left
        yield self.value
        if self.right:
            yield from self.right
    def depth(self):
        return 1 + max((c.depth() for c in (self.left, self.right) if c), default=0)
    def __contains__(self, x):
        node = self
        while node:
            if x == node.value:
                return True
            node = node.left if x < node.value else node.right
        return False
root = Tree(50)
for n in (30, 70, 20, 40, 60, 80, 10):
    root.insert(n)
print(list(root), root.depth(), 60 in root, 65 in root, sum(root), [x for x in root if x % 20 == 0], max(root), sorted(root, reverse=True)[:2])

def tokenize(src):
    i = 0
    while i < len(src):
        if src[i].isspace():
            i += 1
        elif src[i].isdigit():
            j = i
            while j < len(src) and (src[j].isdigit() or src[j] == "."):
                j += 1
            yield "num", float(src[i:j])
            i = j
        else:
            yield "op", src[i]
            i += 1
def evaluate(src):
    toks = list(tokenize(src)) + [("end", None)]
    pos = 0
    def take():
        nonlocal pos
        pos += 1
        return toks[pos - 1]
    def atom():
        kind, v = take()
        if kind == "num":
            return v
        if v == "(":
            r = expr()
            if take()[1] != ")":
                raise SyntaxError("missing )")
            return r
        if v == "-":
            return -atom()
        raise SyntaxError(f"unexpected {v!r}")
    def term():
        r = atom()
        while toks[pos][1] in ("*", "/"):
            r = r * atom() if take()[1] == "*" else r / atom()
        return r
    def expr():
        r = term()
        while toks[pos][1] in ("+", "-"):
            r = r + term() if take()[1] == "+" else r - term()
        return r
    result = expr()
    if toks[pos][0] != "end":
        raise SyntaxError("extra input")
    return result
for s in ["1 + 2 * 3", "(1+2)*3", "-4/(2)", "2*(3", "1 2", "10-2-3", "*"]:
    try:
        print(s, "=", evaluate(s))
    except SyntaxError as e:
        print(s, "->", e)
people = [{"name": "Ash", "age": 12}, {"name": "Bryn", "age": 15}, {"name": "Cleo", "age": 12}]
by_age = {}
for p in people:
    by_age.setdefault(p["age"], []).append(p["name"])
print(by_age, sorted(people, key=lambda p: (-p["age"], p["name"]))[0]["name"], {**people[0], "town": "Fernhollow"}, people[0])
print([*map(lambda p: p["name"][0], people)], max(people, key=lambda p: p["age"])["name"], next((p for p in people if p["age"] > 20), None), any(p["name"].startswith("C") for p in people))
rows = [line.split(",") for line in "a,1\nb,2".splitlines()]
print(rows, dict(rows), [int(n) for _, n in rows], list(zip(*rows)))
nested = [1, [2, [3, [4]]]]
def depth(x): return 1 + max(map(depth, x), default=0) if isinstance(x, list) else 0
print(depth(nested), str(nested).count("["))
words = "the rain in spain stays mainly".split()
print(" ".join(w[::-1] if i % 2 else w.upper() for i, w in enumerate(words)), sorted(words, key=lambda w: (len(w), w)), "-".join(sorted({w[0] for w in words})))
matrix = [[i * j for j in range(1, 4)] for i in range(1, 4)]
for row in matrix:
    print(*(f"{n:3}" for n in row))
print(sum(matrix[i][i] for i in range(3)), [list(c) for c in zip(*matrix)][1], [r[::-1] for r in matrix[::-1]][0])
total = 0
for i, row in enumerate(matrix):
    for j, n in enumerate(row):
        if j > i: break
        total += n
    else:
        total += 100
print(total)
s = "".join(chr(ord("a") + (ord(c) - ord("a") + 13) % 26) if c.islower() else c for c in "hello, World")
print(s, s.find("z"), s.replace("b", "", 1), s.partition(",")[2].strip(), f"{s!r:>16}", f"{len(s):>+5}|{3.14159:<8.3f}|{True!s:^7}|{1e6:g}|{0.00012:e}")
