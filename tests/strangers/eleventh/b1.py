class Animal:
    sound = "..."
    def __init__(self, name): self.name = name
    def speak(self): return f"{self.name} says {self.sound}"
class Dog(Animal):
    sound = "Woof"
    def __init__(self, name, tricks=()):
        super().__init__(name)
        self.tricks = list(tricks)
    def add(self, *t):
        self.tricks += t
        return self
class Puppy(Dog):
    def speak(self): return super().speak().lower() + "!"
pets = [Animal("It"), Dog("Rex").add("sit", "roll"), Puppy("Bit", ("nap",))]
for p in pets: print(p.speak(), getattr(p, "tricks", None), isinstance(p, Dog), p.__class__.__name__)
class Vector:
    def __init__(self, x, y): self.x, self.y = x, y
    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, k): return Vector(self.x * k, self.y * k)
    def __eq__(self, o): return (self.x, self.y) == (o.x, o.y)
    def __abs__(self): return (self.x ** 2 + self.y ** 2) ** .5
    def __repr__(self): return "Vector(%r, %r)" % (self.x, self.y)
v = Vector(3, 4)
print(v + Vector(1, 1), abs(v), v == Vector(3, 4), v - v, [v, v * 2])
class Temp:
    def __init__(self, c=0): self._c = c
    @property
    def f(self): return self._c * 9 / 5 + 32
    @f.setter
    def f(self, v): self._c = (v - 32) * 5 / 9
t = Temp(100); print(t.f); t.f = 32; print(t._c, vars(t) if False else "")
inventory = {"apple": {"price": 0.5, "qty": 10}, "pear": {"price": 0.75, "qty": 0}}
for name, info in inventory.items():
    print(f"{name.title():<10}£{info['price']:>5.2f} x{info['qty']:02d} {'in stock' if info['qty'] else 'sold out'}")
total = sum(i["price"] * i["qty"] for i in inventory.values()); print(f"{total:,.2f}")
inventory["fig"] = dict(price=2, qty=1); inventory.pop("pear"); del inventory["apple"]["qty"]
print(inventory, "pear" in inventory, inventory.get("kiwi", {}).get("price"), len(inventory))
seen = set(); dup = [x for x in [1, 2, 1, 3, 2] if x in seen or seen.add(x)]; print(dup, sorted(seen))
a = [[0] * 2 for _ in range(2)]; b = [[0] * 2] * 2; a[0][0] = b[0][0] = 1; print(a, b)
x, y = 1, 2; x, y = y, x + y; print(x, y); z = w = []; z.append(1); print(w, z is w)
def f(a, b=2, *args, c, d=4, **kw): return (a, b, args, c, d, sorted(kw.items()))
print(f(1, c=3), f(1, 5, 6, 7, c=8, e=9))
try: int("x")
except (ValueError, TypeError) as e: print(type(e).__name__, e)
else: print("fine")
finally: print("end")
try: [][0]
except Exception as e: print(repr(e))
print(10 / 3, 10 // 3, 2 ** 100, 1e3, 5e-7, round(2.675, 2), round(0.5), int(-3.7), 7.0, 1_000, 0b11, float("inf"), 3 < 4 < 5)
def outer():
    n = 0
    def inner():
        nonlocal n
        n += 1
        return n
    return inner
g = outer(); g(); print(g())
print(sorted(["b", "A", "c"], key=str.lower), sorted({"z": 1, "a": 2}), list(reversed([1, 2])), list(filter(None, [0, 1, "", "a"])), list(map(lambda p, q: p * q, [1, 2], [3, 4])))
print("{0} {1} {0} {name:>5}".format("a", 1, name="n"), "a,b,,c".split(","), "  x y ".split(), "-".join("abc"), "abc".replace("b", "B", 1), "hello"[::2], "x" in "xyz", "Abc".isalpha(), "12".zfill(4))
