class Vector:
    """A vector in the plane."""
    zero_count = 0

    def __init__(self, x=0.0, y=0.0):
        self.x, self.y = x, y
        if not x and not y:
            Vector.zero_count += 1

    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, k):
        if isinstance(k, Vector):
            return self.x * k.x + self.y * k.y
        return Vector(self.x * k, self.y * k)
    __rmul__ = __mul__
    def __neg__(self): return Vector(-self.x, -self.y)
    def __eq__(self, o): return isinstance(o, Vector) and (self.x, self.y) == (o.x, o.y)
    def __abs__(self): return (self.x ** 2 + self.y ** 2) ** 0.5
    def __bool__(self): return self.x != 0 or self.y != 0
    def __repr__(self): return f"Vector({self.x}, {self.y})"
    def __iter__(self):
        yield self.x
        yield self.y
    def __getitem__(self, i): return (self.x, self.y)[i]
    def __len__(self): return 2
    def __call__(self, scale): return self * scale
    def __iadd__(self, o):
        self.x += o.x
        self.y += o.y
        return self

a, b = Vector(3, 4), Vector(1, -2)
print(a + b, a - b, a * 2, 3 * b, a * b, -a, abs(a))
print(a == Vector(3, 4), a != b, bool(Vector()), Vector.zero_count, list(a), a[1], len(a), a(10))
x, y = b
a += b
print(x, y, a, sum([Vector(1, 1), Vector(2, 2)], Vector()), [v for v in (a, b) if v], {"v": a})

class Stack:
    def __init__(self, items=None):
        self._items = list(items or [])
    def push(self, *xs):
        for x in xs:
            self._items.append(x)
        return self
    def pop(self):
        if not self._items:
            raise IndexError("empty stack")
        return self._items.pop()
    @property
    def top(self):
        return self._items[-1] if self._items else None
    def __len__(self): return len(self._items)
    def __contains__(self, x): return x in self._items
    def __str__(self): return "Stack(" + ", ".join(map(repr, self._items)) + ")"
    def __enter__(self):
        print("enter")
        return self
    def __exit__(self, kind, value, trace):
        print("exit", kind.__name__ if kind else None)
        return True

s = Stack("ab").push(1, 2)
print(s, len(s), s.top, "a" in s, s.pop(), s)
with Stack([9]) as w:
    print(w.pop())
    w.pop()
    print("not reached")
print("after")

class Animal:
    sound = "..."
    def __init__(self, name): self.name = name
    def speak(self): return f"{self.name} says {self.sound}"
    def __lt__(self, other): return self.name < other.name
class Dog(Animal):
    sound = "woof"
    def fetch(self): return self.name + " fetches"
class Puppy(Dog):
    def speak(self): return super().speak().upper()
class Robot:
    def speak(self): return "beep"
zoo = [Puppy("Pip"), Dog("Ben"), Animal("Gen")]
for z in sorted(zoo) + [Robot()]:
    print(z.speak(), type(z).__name__, isinstance(z, Dog), hasattr(z, "fetch"))
Dog.sound = "arf"
zoo[1].sound = "grr"
print([z.speak() for z in zoo])
print(getattr(zoo[0], "name"), vars(zoo[2]) if False else zoo[2].__dict__, Puppy.__bases__[0].__name__ if False else Puppy.__name__)

def risky(n):
    try:
        if n == 0: raise ValueError("zero")
        if n == 1: return "one"
        if n == 2: return [][0]
        return 10 / (n - 3)
    except ValueError as e:
        return f"caught {e}"
    except (IndexError, KeyError) as e:
        return type(e).__name__ + ": " + str(e)
    else:
        return "else"
    finally:
        print("finally", n, end=" | ")
for n in range(3):
    print(risky(n))
try:
    risky(3)
except ZeroDivisionError as e:
    print("outer", e)
class GardenError(Exception):
    def __init__(self, bed, message="trouble"):
        super().__init__(f"{message} in bed {bed}")
        self.bed = bed
try:
    try:
        raise GardenError(4)
    except GardenError as e:
        print(e, e.bed)
        raise RuntimeError("wrapped") from e
except RuntimeError as e:
    print(e, type(e.__cause__).__name__)
try:
    int("x")
except ValueError as e:
    print(e)
try:
    {}["k"]
except KeyError as e:
    print(e, repr(e))
try:
    "a" + 1
except TypeError as e:
    print(e)
try:
    undefined_name
except NameError as e:
    print(e)
try:
    [].nope
except AttributeError as e:
    print(e)
