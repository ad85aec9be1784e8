def told(x):
    if x:
        return "something"
    return "nothing"
print(told([]), told(0), told(""), told([1]), told({}), told(None))
class Box:
    def __init__(self, what):
        self.what = what
for b in [Box([]), Box(3), Box("")]:
    print("full" if b.what else "empty", not b.what, bool(b.what))
    while b.what:
        b.what = 0
