from contextlib import contextmanager

@contextmanager
def opened(name):
    print("open", name)
    try:
        yield name.upper()
    finally:
        print("close", name)

with opened("gate") as g:
    print("in", g)

@contextmanager
def indent(n):
    print(">" * n)
    yield
    print("<" * n)

with indent(3):
    print("middle")
try:
    with opened("shed") as s:
        raise ValueError("rain")
except ValueError as e:
    print("caught", e)

@contextmanager
def swallowing(kind):
    try:
        yield kind
    except ValueError as e:
        print("swallowed", e)

with swallowing("v") as k:
    print(k)
    raise ValueError("inside")
print("after")

def use():
    with indent(1):
        with opened("a") as x:
            for i in range(3):
                if i == 1:
                    return x
                print(i)
print(use())
for n in range(2):
    with opened(f"n{n}") as nn:
        if n == 0:
            continue
        print(nn)
try:
    with swallowing("w"):
        raise KeyError("k")
except KeyError as e:
    print("key", e)
