def area(w=1, h=2):
    return w * 10 + h
def run(f):
    return f(h=5)
print(run(area))
def log(fn):
    def inner(*args, **kwargs):
        r = fn(*args, **kwargs)
        print(fn.__name__, args, kwargs, r)
        return r
    return inner
@log
def volume(a, b, *, c=1, d=1):
    return a * b * c * d
volume(2, 3)
volume(2, b=4, d=2)
volume(b=1, a=7)
def tell(**beds):
    for k, v in beds.items():
        print(k, v, end=";")
    print(len(beds))
def outer(**x):
    tell(**x)
    tell()
outer(p=1, q="two")
outer()
def call(f, *a, **k):
    return f(*a, **k)
print(call(area, 3), call(area, 3, h=9), call(area, **{"w": 4}))
try:
    call(area, z=1)
except TypeError:
    print("TypeError")
try:
    call(area, 1, w=1)
except TypeError:
    print("TypeError")
fs = {"a": area}
print(fs["a"](h=0))
