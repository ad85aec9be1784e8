class Oops(Exception): pass
class Own(ValueError):
    def __init__(self, n):
        super().__init__(f"n={n}")
        self.n = n
def run(k):
    if k == 0: raise ValueError("it's bad")
    if k == 1: return {}["x"]
    if k == 2: return [1][5]
    if k == 3: raise ValueError
    if k == 4: raise Oops("own")
    if k == 5: raise Own(3)
    if k == 6: return 1 / 0
    if k == 7: return {1: 2}[3]
    if k == 8: raise RuntimeError('say "x"')
for k in range(9):
    try:
        run(k)
    except Exception as e:
        print(repr(e), f"{e!r}", f"<{e}>")
try:
    run(5)
except Own as o:
    print(repr(o), o, o.n)
