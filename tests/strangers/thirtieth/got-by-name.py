class M:
    def __init__(self): self.n = 2
    def add(self, x): return self.n + x
    def mul(self, x): return self.n * x
m = M()
for name, arg in [('add', 3), ('mul', 4)]:
    print(name, getattr(m, name)(arg))
f = getattr(m, 'add')
print(f(1), getattr(m, 'n'), getattr(m, 'zz', 'none'), hasattr(m, 'add'), hasattr(m, 'q'))
cmd = 'mul'
method = getattr(m, cmd, None)
if method:
    print(method(5))
try:
    getattr(m, 'nope')(1)
except AttributeError as e:
    print(e)
