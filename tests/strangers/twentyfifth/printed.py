def f(s):
    m = map(int, s)
    return sum(m)
def g(m):
    print(m)
g([1, 2])
print(f("12"))
m = [3]
print(m)
for m in [[4], [5]]:
    print(m)
def h():
    m = (x for x in [1])
    return list(m)
def k():
    m, n = 1, 2
    print(m, n)
k()
print(h())
with open("a.txt", "w") as m:
    m.write("x")
try:
    int("x")
except ValueError as m:
    print(m)
