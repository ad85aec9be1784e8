from itertools import count


def dry(n):
    print("look", n)
    return n % 3 == 0


def twice(n):
    print("twice", n)
    return n * 2


print(next(twice(n) for n in [1, 2, 3, 4] if dry(n)))
print(next((twice(n) for n in [1, 2, 4] if dry(n)), None))
print(next((twice(n) for n in [7, 8]), -1))
print(next(n for n in count(10) if n % 7 == 0))
print(next((int(t) for t in ["x", "3"] if t.isdigit()), 0))
try:
    next(n for n in [] if dry(n))
except StopIteration:
    print("stop")
it = (twice(n) for n in [1, 2, 3])
print("made")
print(next(it))
for x in it:
    print(x)
    break
print(list(it), list(it))


def some(k):
    found = (twice(n) for n in range(k) if n % 2)
    print("in")
    return found


for v in some(5):
    print("got", v)
factor = 3
later = (n * factor for n in (1, 2))
factor = 10
print(next(later), next(later))
one = (twice(a) for a in [4])
print(sum(one))
unused = (twice(a) for a in [4])
print("end")
