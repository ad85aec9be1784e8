s = "hello"
t = (1, 2)
n = 5
x = None
st = {1, 2}
d = {}
try:
    s[0] = "J"
except Exception as e:
    print(type(e).__name__, e)
try:
    t[0] = 5
except Exception as e:
    print(type(e).__name__, e)
try:
    n[0] = 1
except Exception as e:
    print(type(e).__name__, e)
try:
    x[0] = 1
except Exception as e:
    print(type(e).__name__, e)
try:
    st[0] = 1
except Exception as e:
    print(type(e).__name__, e)
try:
    del t[0]
except Exception as e:
    print(type(e).__name__, e)
try:
    del s[0]
except Exception as e:
    print(type(e).__name__, e)
try:
    print(n[0])
except Exception as e:
    print(type(e).__name__, e)
try:
    print(x[0])
except Exception as e:
    print(type(e).__name__, e)
try:
    print(st[0])
except Exception as e:
    print(type(e).__name__, e)
try:
    n()
except Exception as e:
    print(type(e).__name__, e)
try:
    print(len(5))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(x + 1)
except Exception as e:
    print(type(e).__name__, e)
try:
    print([1] + (2,))
except Exception as e:
    print(type(e).__name__, e)
try:
    print("a" * "b")
except Exception as e:
    print(type(e).__name__, e)
try:
    print(s + 1)
except Exception as e:
    print(type(e).__name__, e)
try:
    print(1 + s)
except Exception as e:
    print(type(e).__name__, e)
try:
    print(-s)
except Exception as e:
    print(type(e).__name__, e)
try:
    print(s < 1)
except Exception as e:
    print(type(e).__name__, e)
try:
    print(d["k"])
except Exception as e:
    print(type(e).__name__, e)
try:
    print([1, 2]["a"])
except Exception as e:
    print(type(e).__name__, e)
try:
    print(s["a"])
except Exception as e:
    print(type(e).__name__, e)
try:
    print({[1]: 2})
except Exception as e:
    print(type(e).__name__, e)
try:
    print(int([1]))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(float("x"))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(int(""))
except Exception as e:
    print(type(e).__name__, e)
try:
    a, b = [1]
except Exception as e:
    print(type(e).__name__, e)
try:
    a, b = [1, 2, 3]
except Exception as e:
    print(type(e).__name__, e)
try:
    a, b = 5
except Exception as e:
    print(type(e).__name__, e)
try:
    print([].pop())
except Exception as e:
    print(type(e).__name__, e)
try:
    print([1].index(5))
except Exception as e:
    print(type(e).__name__, e)
try:
    print("abc".index("z"))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(chr(-1))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(ord("ab"))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(max([]))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(sum(["a"]))
except Exception as e:
    print(type(e).__name__, e)
try:
    print("".join([1]))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(sorted([1, "a"]))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(round("a"))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(abs("a"))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(list(5))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(dict([1]))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(set([[1]]))
except Exception as e:
    print(type(e).__name__, e)
try:
    print(5 in 5)
except Exception as e:
    print(type(e).__name__, e)
