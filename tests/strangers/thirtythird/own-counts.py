class A:
    count = 0
    def up(self):
        self.count += 1
        return self.count
a = A(); b = A()
print(a.up(), a.up(), b.up(), A.count)
A.count = 10
c = A()
print(a.count, c.count, c.up(), A.count)
