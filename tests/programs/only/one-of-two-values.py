# `and` and `or` give one of two values, which is asked later.
from collections import deque


def tell(question):
    if question:
        print("yes")
    else:
        print("no")


bed = None
waiting = deque()
question = bed is None and waiting
if question:
    print("some wait")
else:
    print("nobody waits")
tell(bed is None and waiting)
waiting.append(3)
tell(bed is None and waiting)
found = [] or {}
print(found, not found)
if found or "":
    print("never")
first = 0 or [] or "leek"
print(first)
label = "" if [] else {}
if label:
    print("never")


def those():
    return bed is None and waiting


waiting.clear()
while those():
    print("never")
    break
print("some" if those() else "none")
print(bool(those()), not those())


def share(rows):
    return rows and 10 / rows


size = 0 or 5
print(size + 1, share(0), share(4))
left = 3
rest = left and left - 3
if rest:
    print("never")
print((rest or 0) * 2, not rest, rest == 0)
print(True and 5, (left > 2) and left, (left > 5) or left, (left > 5) and left)
print(((left > 5) or 4) + 1)
