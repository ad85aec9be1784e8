class Plant:
    def __init__(self, name, *, height=1, **extra):
        self.name = name
        self.height = height
        self.extra = extra
    def water(self, *amounts, times=1, **note):
        return sum(amounts) * times, note
class Rose(Plant):
    def __init__(self, name, colour="red", **kwargs):
        super().__init__(name, **kwargs)
        self.colour = colour
    def water(self, *args, **kwargs):
        print("rose", args, kwargs)
        return super().water(*args, **kwargs)
r = Rose("Ena", "pink", height=3, soil="clay")
print(r.name, r.colour, r.height, r.extra)
print(r.water(1, 2, times=3, by="Ash"), r.water(), r.water(*[4, 5], **{"times": 2}))
p = Plant(**{"name": "fern", "height": 9})
print(p.name, p.height, p.extra, p.water(1))
conf = dict(height=2, light="low")
q = Plant("moss", **conf)
print(q.height, q.extra)
for bad in (lambda: r.water(1, 2, times=3, times_=2), lambda: Plant("a", name="b")):
    try:
        print(bad())
    except TypeError as e:
        print("TypeError")
def table(**cells):
    return ", ".join(f"{k}={v!r}" for k, v in sorted(cells.items()))
print(table(b=2, a="x"), table(), table(**conf, z=1))
def box(w, h=2, d=3):
    return w * h * d
size = {"h": 5}
print(box(1, **size), box(*(1, 2), d=10), box(**{"w": 2, "d": 1}), box(d=1, w=1))
merged = {**conf, **size, "x": 0}
print(merged)
def outer(*a, **k):
    return inner(*a, **k)
def inner(x, y=0, *more, z=9, **rest):
    return x, y, more, z, rest
print(outer(1), outer(1, 2, 3, z=4, w=5), outer(x=1, q=2))
def need(*a, b, c=1):
    return a, b, c
print(need(b=2), need(1, b=2, c=3))
args = [1]
for bad in (lambda: box(**{"h": 1}), lambda: Plant(*[])):
    try:
        print(bad())
    except TypeError:
        print("TypeError")
