class Row:
    def __init__(self):
        self.cells = [0, 0, 0]

g = Row()
def tried(name, act):
    try:
        print(name, act())
    except TypeError as error:
        print(name, error)

def put():
    g[0] = 1

def taken():
    del g[0]

def over():
    for x in g: print(x)

tried("item", lambda: g[0])
tried("put", put)
tried("del", taken)
tried("length", lambda: len(g))
tried("in", lambda: 1 in g)
tried("for", over)
tried("list", lambda: list(g))
print(bool(g), not g, len({g: 1}))
