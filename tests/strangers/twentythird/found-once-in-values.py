st = [2, 1, 0]
a = [10, 20, 30]
a[st.pop()] += 5
a[st.pop(0)] *= 2
print(a, st)
it = iter([0, 1, 2])
a[next(it)] += 1
a[next(it)] -= 1
print(a)
import random
d = {}
def k(): print("k", end=" "); return "x"
d[k()] = d.get(k(), 0) + 1
d[k()] += 1
d.setdefault(k(), []); print(d)
class P:
    @property
    def here(self): print("here", end=" "); return [1, 2]
p = P()
p.here[0] += 1
m = [[1, 2], [3, 4]]
m[k() == "x"][int(input())] += 9
print(m)
