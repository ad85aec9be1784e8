class Held:
    def __enter__(self):
        print("in"); return self
    def __exit__(self, kind, value, trace):
        print("out", value)
        if kind is ValueError: print("it was a ValueError")
        elif kind is not None and kind is not IndexError: print("other")
        print(kind.__name__ if kind else "ok")
        return kind is not None
class Dry(Exception): pass
with Held() as h: print("body")
with Held():
    raise ValueError("dry")
with Held():
    [][1]
with Held():
    raise Dry("x")
with Held():
    1 / 0
class Only:
    def __enter__(self): return 1
    def __exit__(self, exc_type, exc, tb):
        return exc_type is Dry
try:
    with Only(): raise Dry()
    with Only(): int("x")
except ValueError as e: print(e)
print("end")
