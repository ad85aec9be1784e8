def show(**options):
    for k, v in options.items():
        print(k, v)
    return len(options)
print(show(a=1, b="x"))
def log(msg, *args, **kw):
    print(msg, args, kw, kw.get("level", "info"), "x" in kw)
log("hi", 1, 2, level="warn", x=3)
log("bare")
class Bed:
    def __init__(self, **fields):
        self.size = fields.get("size", 3)
        self.extra = fields
    def plant(self, *names, **options):
        print(names, options)
b = Bed(size=5, soil="clay")
print(b.size, b.extra)
b.plant("pea", "bean", row=2)
opts = {"level": "debug"}
log("dict", **opts)
def area(w, h=2):
    return w * h
print(area(**{"w": 3, "h": 4}), area(*[5]))
def wrap(f):
    def inner(*args, **kwargs):
        print("call", args, kwargs)
        return f(*args, **kwargs)
    return inner
@wrap
def add(a, b=1):
    return a + b
print(add(2), add(2, b=5))
