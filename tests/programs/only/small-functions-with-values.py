fs = [lambda i=i: i * i for i in range(3)]
print([f() for f in fs])
gs = []
for n in range(3):
    gs.append(lambda x, n=n: x * n)
print([g(10) for g in gs])
def gen(n):
    for i in range(n): yield i * i
print(next(gen(9)), 0o17, 0O10)
class P:
    def __iter__(self): yield 1; yield 2
print(list(P()), "Hello".startswith(("He", "x")), "Hello".endswith(("o",)))
try: int("x")
except Exception as e: print(e.__class__.__name__, e)
d = {"c": [4], "a": 5, "z": 6}
print(sorted(d.items(), key=lambda kv: str(kv[1])))
