class Timer:
    def __init__(self, name):
        self.name = name
    def __enter__(self):
        print("start", self.name)
        return self
    def __exit__(self, kind, value, trace):
        if kind is None:
            print("done", self.name)
        else:
            print("failed", self.name, value)
        return False

with Timer("a"):
    print("work")
with Timer("b") as t:
    print(t.name)
try:
    with Timer("c"):
        print(1 // 0)
except ZeroDivisionError as e:
    print("caught", e)

class Quiet:
    def __enter__(self):
        return 5
    def __exit__(self, exc_type, exc_value, tb):
        return exc_type is not None

with Quiet() as n:
    print(n + 1)
    int("x")
    print("never")
print("after")

def first(limit):
    with Timer("loop") as t:
        for i in range(10):
            if i == limit:
                return i
print(first(3))
for i in range(3):
    with Quiet():
        if i == 1:
            continue
        print(i)
with Timer("outer"):
    with Timer("inner"):
        print("x")
