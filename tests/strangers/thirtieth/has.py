class A:
    def __init__(self): self.x = 1
    def __len__(self): return 3
for v in ('s', [1], (1,), {}, {1}, 3, 2.5, None, A(), True):
    print([hasattr(v, n) for n in ('upper', 'append', 'keys', 'add', '__len__', '__iter__', 'bit_length', 'x', '__str__', 'index')])
