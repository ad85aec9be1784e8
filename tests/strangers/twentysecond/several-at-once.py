class N:
    def __init__(self, v):
        self.v = v
        self.next = self.prev = None
class L:
    def __init__(self):
        self.head = self.tail = N(0)
        self.d = {}
    def set(self, k, s):
        self.d[k] = v = s.split(',')
        v.append('z')
        return v
l = L()
print(l.head is l.tail, l.set('a', 'x,y'), l.d)
a = b = c = [1, 2]
a.append(3)
print(b, c)
i = 1
q = [0, 0, 0]
r = q[0] = w = sorted([3, 1])
w.append(9)
print(r, q, w)
