#!/usr/bin/env python3
# -*- coding: utf-8 -*-
"""Odd but right."""

x = 1;
y = (x +
     2)
if (x == 1): print("one")
while(x < 3): x += 1
print(x, y)
def f(a, b = 2, *, c = 3): return a + b + c
print(f(1, c=5))
t = 1, 2
print(t[0])
z = [
    1,
    2,
]
print(z)
print('it''s', "a" "b")
if not z == []: print("full")
for i in range(3): print(i, end=' ')
print()
w = x if x else y
print(w)
print(not True or x > 2 and y)
n = None
if n is None: print("none")
a = b = 0
a += 1; b -= 1
print(a, b)
print("%d beds" % 3, "{} {}".format(1, 2))
s = """two
lines"""
print(s)
print(1_000, 0x1F, 0b11, 1e3)
del z[0]
print(len(z))
if __name__ == '__main__':
    print('main')
